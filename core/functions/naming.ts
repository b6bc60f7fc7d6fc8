import type { FunctionKind, FunctionOf } from './schemas';

/** A setting that a function names, and the values that it must be able to take. */
export interface NamedSetting {
  /** Key of the function under which it stands: `latchSetting`. */
  readonly key: string;
  readonly id: string | null | undefined;
  readonly values?: readonly string[];
}

/** What a state that a function sets stands for. */
export type StateRole =
  /** Closed for as long as a hand is at it, and a little longer. */
  | 'hand'
  /** A bell key: it asks, and lets nothing go. */
  | 'bell'
  /** Stays as somebody left it. */
  | 'left'
  /** A broken glass, until it is reset. */
  | 'glass'
  /** A fire alarm. */
  | 'fire'
  /** A relay that works a lock. */
  | 'relay'
  /** A bell, a lamp, a sounder, an alarm line. */
  | 'output'
  /** The lever, which turns as somebody leaves. */
  | 'lever'
  | 'leaf'
  | 'data';

/** What an input is there for. */
export type Wants = 'exit' | 'contact' | 'fire' | 'data' | 'tamper' | 'bypass' | 'rearm';

/** An input that a function reads, what for, and for which of its channels; null for the device as a whole. */
export type InputNamed = readonly [part: string | null | undefined, wants: Wants, channel: number | null];

/** What a kind of function names of its type, and what a new one starts as. */
export interface Naming<K extends FunctionKind> {
  /** Whole, so that it works before anything is changed. `board`: the part that feeds it. */
  blank(board: string): FunctionOf<K>;
  /** Parts, by id, that are not among its inputs. Those that are left out are none. */
  readonly parts?: (spec: FunctionOf<K>) => readonly (string | null | undefined)[];
  /** Inputs of those whose purpose is always the same. */
  readonly inputs?: (spec: FunctionOf<K>) => readonly InputNamed[];
  readonly settings?: (spec: FunctionOf<K>) => readonly NamedSetting[];
  /** States that it sets, which contacts of the type may follow. */
  readonly states?: (spec: FunctionOf<K>) => readonly (readonly [state: string, role: StateRole])[];
}
