import type { ScriptProblem } from './compileScript';
import type { Keypad } from './keypad';
import type { Memory } from './language';
import type { ScriptStep } from './scriptStep';

/** A line of the sheet: keys of the script, or a code or card that is tried at the door afterwards. */
export type SheetLine = Omit<ScriptStep, 'purpose'> & { readonly purpose: ScriptStep['purpose'] | 'try' };

/**
 * A key sheet while somebody works it off at the door: what the keypad is known to hold, the lines that are left and where one is. Plain
 * data; what was seen is an argument.
 */
export interface KeySheet {
  readonly lines: readonly SheetLine[];
  readonly at: number;
  /** The keypad as it stands if all answers were as they were said to be. */
  readonly keypad: Keypad;
  /** What it is known to hold. */
  readonly known: Memory;
  /** What was tried and did not open: what stands in its place nobody knows. */
  readonly doubtful: readonly number[];
  /** How often the sheet was begun anew. */
  readonly begun: number;
  /** How often the way into a menu was answered otherwise, one time after another: whether it is closed is not known then. */
  readonly shut: number;
  readonly wipes: boolean;
  readonly problems: readonly ScriptProblem[];
}
