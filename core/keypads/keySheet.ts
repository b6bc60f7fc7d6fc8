import { sameEntry } from './compareMemory';
import type { ScrapCode } from './changes';
import { compileScript, type ScriptProblem, type ScriptStep } from './compileScript';
import { AT_DOOR, press, switchOn, type Keypad } from './keypad';
import { type KeypadLanguage, type Memory, type ReplyId, type Stroke } from './language';
import { strokesOf } from './strokes';
import type { Target } from './target';

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
  readonly wipes: boolean;
  readonly problems: readonly ScriptProblem[];
}

/** What somebody saw after keying a line: the answer on the sheet, another one, or none but that programming was over. */
export type Seen = 'so' | 'refused' | 'dropped-out' | 'something-else';

/** The lines from what a keypad holds to what it shall hold, each new code and card tried at the end. */
export function beginSheet(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  scrapCode: ScrapCode,
  begun = 1,
): KeySheet {
  const { steps, wipes, problems } = compileScript(language, memory, target, scrapCode);
  const lines = [...steps, ...(steps.length > 0 ? tries(language, memory, target) : [])];
  return { lines, at: 0, keypad: switchOn(memory), known: memory, doubtful: [], begun, wipes, problems };
}

/** Whoever is new is tried on the spot: an answer of the keypad says that it stored something, not what. */
function tries(language: KeypadLanguage, memory: Memory, target: Target): SheetLine[] {
  const held = Object.values(memory.slots);
  return Object.entries(target.slots).flatMap(([key, content]): SheetLine[] => {
    const slot = Number(key);
    const before = language.slots ? memory.slots[slot] : held.find((one) => sameEntry(one, content));
    const { code, card } = content;
    const line = (strokes: readonly Stroke[], about: SheetLine['about']): SheetLine => ({
      purpose: 'try',
      mode: AT_DOOR,
      strokes,
      reply: 'opened',
      shows: language.replies.opened,
      slot,
      about,
      scrap: false,
    });
    const isNew = !before || !sameEntry(before, content);
    if (!isNew) return [];
    return [
      ...(code !== null ? [line(strokesOf(language, language.entry, { code }), { code })] : []),
      ...(card ? [line([{ card }], { cards: [card] })] : []),
    ];
  });
}

/** True when nothing is left to key or to try. */
export const isDone = ({ lines, at }: KeySheet): boolean => at >= lines.length;

/**
 * The sheet after a line, by what was seen. As it was said: the next line. Refused: nothing was stored, and it is keyed again. Dropped out,
 * or an answer that says nothing: what counts as stored is what the language keeps, the line itself does not; the sheet begins anew from
 * there. A code that was tried and does not open makes its place doubtful: it is keyed anew.
 */
export function seen(
  language: KeypadLanguage,
  sheet: KeySheet,
  what: Seen,
  target: Target,
  scrapCode: ScrapCode,
): KeySheet {
  const line = sheet.lines[sheet.at];
  if (!line) return sheet;
  if (line.purpose === 'try') return tried(language, sheet, line, what, target, scrapCode);
  if (what === 'so') {
    const keypad = keyed(language, sheet.keypad, line.strokes);
    // What silence may still lose is not known to be held before programming is left.
    const isSafe = language.timeoutLoses === 'line' || keypad.mode === AT_DOOR;
    return { ...sheet, at: sheet.at + 1, keypad, known: isSafe ? keypad.memory : sheet.known };
  }
  // A list refuses what it has already, and to remove what it has not: the tries at the end tell.
  if (what === 'refused' && LISTS.has(line.purpose)) return { ...sheet, at: sheet.at + 1 };
  if (what === 'refused' && line.purpose !== 'enter') return sheet;
  const next = beginSheet(language, doubted(sheet, line), target, scrapCode, sheet.begun + 1);
  return { ...next, doubtful: sheet.doubtful };
}

const LISTS: ReadonlySet<SheetLine['purpose']> = new Set([
  'add-code',
  'add-card',
  'delete-code',
  'delete-card',
]);

/** Without what the line was about: it may be there or not, and is keyed again. */
function doubted({ known }: KeySheet, { purpose, slot }: SheetLine): Memory {
  if (slot === null || purpose === 'clear-slot') return known;
  const { [slot]: _unknown, ...slots } = known.slots;
  return purpose === 'set-code' || purpose === 'set-card' ? { ...known, slots } : known;
}

function tried(
  language: KeypadLanguage,
  sheet: KeySheet,
  { slot, strokes, about }: SheetLine,
  what: Seen,
  target: Target,
  scrapCode: ScrapCode,
): KeySheet {
  const place = language.slots ? slot : placeOf(language, sheet.known, strokes);
  if (what === 'so') {
    const known = place === null ? withEntry(sheet.known, about) : sheet.known;
    return { ...sheet, at: sheet.at + 1, known };
  }
  if (slot === null) return sheet;
  const { [place ?? -1]: _wrong, ...slots } = sheet.known.slots;
  const next = beginSheet(language, { ...sheet.known, slots }, target, scrapCode, sheet.begun + 1);
  return { ...next, doubtful: [...new Set([...sheet.doubtful, slot])] };
}

/** A list with one more entry, that opened when it was tried. */
function withEntry(memory: Memory, { code, cards }: SheetLine['about']): Memory {
  const place = Math.max(0, ...Object.keys(memory.slots).map(Number)) + 1;
  const content = { code: code === undefined ? null : String(code), card: cards?.[0] ?? null };
  return { ...memory, slots: { ...memory.slots, [place]: content } };
}

/** The place of a list that these strokes would open by. */
const placeOf = (language: KeypadLanguage, memory: Memory, strokes: readonly Stroke[]): number | null =>
  strokes.reduce<{ keypad: Keypad; slot: number | null }>(
    ({ keypad }, stroke) => press(language, keypad, stroke, 0),
    { keypad: switchOn(memory), slot: null },
  ).slot;

const keyed = (language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]): Keypad =>
  strokes.reduce((now, stroke) => press(language, now, stroke, 0).keypad, keypad);

/** What somebody saw, by what a keypad answered. */
export const seenAs = (answer: ReplyId, wanted: ReplyId): Seen =>
  answer === wanted
    ? 'so'
    : answer === 'refused'
      ? 'refused'
      : answer === 'timed-out' || answer === 'locked-out'
        ? 'dropped-out'
        : 'something-else';
