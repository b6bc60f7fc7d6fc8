import { sameEntry } from './compareMemory';
import type { ScrapCode } from './changes';
import { compileScript, type Script } from './compileScript';
import { AT_DOOR, press, switchOn, type Keypad } from './keypad';
import { type KeypadLanguage, type Memory, type Stroke } from './language';
import { doubted, inDoubt, keyed, NOBODY, strays } from './keySheetDoubts';
import { waysIn } from './screenSteps';
import type { CardSeen } from './cardAsReadBy';
import { askedFor, screenOf, type ScreenText } from './screenText';
import type { KeySheet, SheetLine } from './sheetLine';
import { strokesOf } from './strokes';
import type { Target } from './target';

export type { KeySheet, SheetLine } from './sheetLine';

/** The lines from what a keypad holds to what it shall hold, each new code and card tried at the end. */
export function beginSheet(
  language: KeypadLanguage,
  memory: Memory,
  target: Target,
  scrapCode: ScrapCode,
  begun = 1,
  wipesFirst = false,
  shut = 0,
): KeySheet {
  // Whoever may administer it or not is taken to, and then not to: which of the two is right shows at the door.
  const perhaps = Object.values(memory.slots).some(
    ({ unknown, administers }) => unknown === 'all' && administers,
  );
  const from = perhaps && shut % 2 === 1 ? withoutDoubtful(memory) : memory;
  const nth = perhaps ? shut >> 1 : shut;
  const { steps, wipes, problems } =
    nth < triesFor(language, memory)
      ? compileScript(language, from, target, scrapCode, wipesFirst, nth)
      : NO_WAY_IN;
  const lines = [...steps, ...(steps.length > 0 ? tries(language, memory, target) : [])];
  return {
    lines,
    at: 0,
    keypad: switchOn(from),
    known: memory,
    doubtful: [],
    begun,
    shut,
    wipes,
    problems,
  };
}

/** How often a way into a menu is tried before it is said to be closed: each that there is, and three times at least. */
const triesFor = (language: KeypadLanguage, memory: Memory): number =>
  Math.max(
    3,
    ...language.modes.filter(({ as }) => as.length > 0).map((root) => waysIn(language, root, memory).length),
  );
const NO_WAY_IN: Pick<Script, 'steps' | 'wipes' | 'problems'> = {
  steps: [],
  wipes: false,
  problems: [{ slot: null, purpose: 'new-user', problem: 'closed' }],
};

/** What may stand in a slot or not, left out: nothing is known but that something may. */
const withoutDoubtful = (memory: Memory): Memory => ({
  ...memory,
  slots: Object.fromEntries(
    Object.entries(memory.slots).map(([slot, held]) => [
      slot,
      held.unknown === 'all' ? { ...NOBODY, unknown: held.unknown } : held,
    ]),
  ),
});

/** Whoever is new is tried on the spot: an answer of the keypad says that it stored something, not what. */
function tries(language: KeypadLanguage, memory: Memory, target: Target): SheetLine[] {
  const held = Object.values(memory.slots);
  const door: ScreenText | null = language.screen && { on: 'door' };
  return Object.entries(target.slots).flatMap(([key, content]): SheetLine[] => {
    const slot = Number(key);
    const before = language.slots ? memory.slots[slot] : held.find((one) => sameEntry(one, content));
    const { code, card, fingers = [] } = content;
    const line = (strokes: readonly Stroke[], about: SheetLine['about']): SheetLine => ({
      purpose: 'try',
      mode: AT_DOOR,
      strokes,
      reply: 'opened',
      shows: language.replies.opened,
      screen: door,
      asks: language.screen ? askedFor(language, switchOn(memory), strokes).asks : [],
      slot,
      about,
      scrap: false,
    });
    const isNew = !before || !sameEntry(before, content);
    if (!isNew) return [];
    return [
      ...(code !== null ? [line(strokesOf(language, language.entry, { slot, code }), { slot, code })] : []),
      ...(card ? [line([{ card }], { cards: [card] })] : []),
      ...fingers.map((finger) => line([{ finger }], { finger })),
      ...(content.administers && !before?.administers ? asAdministrator(language, slot, content, line) : []),
    ];
  });
}

/** Whoever shall administer is let into the menu, and out again. */
function asAdministrator(
  language: KeypadLanguage,
  slot: number,
  content: Target['slots'][number],
  line: (strokes: readonly Stroke[], about: SheetLine['about']) => SheetLine,
): SheetLine[] {
  const root = language.modes.find(({ as }) => as.length > 0);
  const alone = { programmingCode: '', slots: { [slot]: content }, times: {} };
  const [way] = root ? waysIn(language, root, alone) : [];
  if (!root || !way || !language.screen) return [];
  const inside = keyed(language, switchOn(alone), way.strokes);
  const { programming, left } = language.replies;
  return [
    {
      ...line(way.strokes, way.values),
      asks: askedFor(language, switchOn(alone), way.strokes).asks,
      reply: 'programming',
      shows: programming,
      screen: screenOf(language, inside),
    },
    {
      ...line([{ key: language.screen.back }], {}),
      purpose: 'leave',
      mode: root.id,
      reply: 'left',
      shows: left,
      slot: null,
    },
  ];
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
  what: CardSeen,
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
    return { ...sheet, at: sheet.at + 1, keypad, known: isSafe ? keypad.memory : sheet.known, shut: 0 };
  }
  // A list refuses what it has already, and to remove what it has not: the tries at the end tell.
  if (what === 'refused' && LISTS.has(line.purpose)) return { ...sheet, at: sheet.at + 1 };
  const known = doubted(language, sheet, line);
  // At a screen nobody can say where the mark stands after anything else: it is left, and begun anew.
  const mayGoOn = line.purpose !== 'enter' && language.screen === null;
  if (what === 'refused' && mayGoOn && !strays(sheet, line, known)) return sheet;
  const shut = line.purpose === 'enter' && language.screen ? sheet.shut + 1 : 0;
  const next = beginSheet(language, known, target, scrapCode, sheet.begun + 1, false, shut);
  return { ...next, doubtful: sheet.doubtful };
}

const LISTS: ReadonlySet<SheetLine['purpose']> = new Set([
  'add-code',
  'add-card',
  'delete-code',
  'delete-card',
]);

function tried(
  language: KeypadLanguage,
  sheet: KeySheet,
  { slot, strokes, about, reply }: SheetLine,
  what: CardSeen,
  target: Target,
  scrapCode: ScrapCode,
): KeySheet {
  const place = language.slots ? slot : placeOf(language, sheet.known, strokes);
  if (what === 'so') {
    const known = place === null ? withEntry(sheet.known, about) : sheet.known;
    return { ...sheet, at: sheet.at + 1, known };
  }
  if (slot === null) return sheet;
  const doubt = reply !== 'opened' || about.finger !== undefined ? 'all' : about.cards ? 'card' : 'code';
  const next = beginSheet(
    language,
    language.slots ? inDoubt(sheet.known, slot, doubt) : without(sheet.known, place),
    target,
    scrapCode,
    sheet.begun + 1,
  );
  return { ...next, doubtful: [...new Set([...sheet.doubtful, slot])] };
}

/** A list without one entry, that did not open when it was tried: something like it may stand there in its place. */
function without(memory: Memory, place: number | null): Memory {
  const { [place ?? -1]: _wrong, ...slots } = memory.slots;
  return { ...memory, slots, rest: 'unknown' };
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
