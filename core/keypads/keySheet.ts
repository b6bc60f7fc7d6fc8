import { sameEntry, samePerson } from './compareMemory';
import type { ScrapCode } from './changes';
import { compileScript, type Script, type ScriptProblem, type ScriptStep } from './compileScript';
import { AT_DOOR, press, switchOn, type Keypad } from './keypad';
import { sameCard, type KeypadLanguage, type Memory, type ReplyId, type Stroke } from './language';
import { letIn } from './screenSteps';
import { askedFor, screenOf, type ScreenText } from './screenText';
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
  /** How often the way into a menu was answered otherwise, one time after another: whether it is closed is not known then. */
  readonly shut: number;
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
  wipesFirst = false,
  shut = 0,
): KeySheet {
  // Whoever may administer it or not is taken to, and then not to: which of the two is right shows at the door.
  const from = shut % 2 === 0 ? memory : withoutDoubtful(memory);
  const { steps, wipes, problems } =
    shut < MOST_SHUT ? compileScript(language, from, target, scrapCode, wipesFirst) : NO_WAY_IN;
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

/** Ways into a menu that are tried before it is said to be closed. */
const MOST_SHUT = 6;
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
const NOBODY = { code: null, card: null } as const;

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
      asks: askedFor(language, switchOn(memory), strokes),
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
  const way = root && letIn(language, root, alone);
  if (!root || !way || !language.screen) return [];
  const inside = keyed(language, switchOn(alone), way.strokes);
  const { programming, left } = language.replies;
  return [
    {
      ...line(way.strokes, way.values),
      asks: askedFor(language, switchOn(alone), way.strokes),
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

/** What is about all that stands in a slot, or about what nothing tells from outside. */
const PERSON: ReadonlySet<SheetLine['purpose']> = new Set(['new-user', 'add-finger', 'set-role']);

/**
 * What is known after a line that was not answered as it should be. What it was about may be there or not; and where a stroke that slipped
 * could have stored something in another slot before the answer went wrong, that slot is not known either: the stand-in is keyed with each
 * such slip.
 */
function doubted(language: KeypadLanguage, sheet: KeySheet, line: SheetLine): Memory {
  const { purpose, slot, about } = line;
  let known = sheet.known;
  if (slot !== null && (purpose === 'set-code' || purpose === 'set-card')) {
    const reached = purpose === 'set-card' ? Math.max(1, about.cards?.length ?? 1) : 1;
    for (let at = slot; at < slot + reached; at += 1)
      known = inDoubt(known, at, purpose === 'set-code' ? 'code' : 'card');
  }
  if (slot !== null && PERSON.has(purpose)) known = perhaps(language, sheet, line, slot, known);
  if (!language.slots) {
    // Of a list nobody can say which place it would be: something else may stand in it now.
    const more = slips(language, sheet.keypad, line).some(({ slots }) =>
      Object.values(slots).some((entry) => !Object.values(known.slots).some((one) => sameEntry(one, entry))),
    );
    return more ? { ...known, rest: 'unknown' } : known;
  }
  for (const { slots } of slips(language, sheet.keypad, line))
    for (const at of new Set([...Object.keys(slots), ...Object.keys(sheet.known.slots)].map(Number))) {
      const [was, is] = [sheet.known.slots[at], slots[at]];
      if (!samePerson(was ?? NOBODY, is ?? NOBODY)) known = perhaps(language, sheet, line, at, known);
      if ((was?.code ?? null) !== (is?.code ?? null)) known = inDoubt(known, at, 'code');
      if (!sameCard(was?.card ?? null, is?.card ?? null)) known = inDoubt(known, at, 'card');
    }
  return known;
}

/** True where more is in doubt than what the line was about. */
const strays = (sheet: KeySheet, { slot, about }: SheetLine, known: Memory): boolean =>
  Object.entries(known.slots).some(([at, { unknown }]) => {
    const own =
      slot !== null && Number(at) >= slot && Number(at) < slot + Math.max(1, about.cards?.length ?? 1);
    return unknown !== undefined && !own && sheet.known.slots[Number(at)]?.unknown === undefined;
  });

/** What may be held after a line in which one stroke was left out or doubled, or that broke off, as long as it did not answer as it should. */
function slips(language: KeypadLanguage, keypad: Keypad, line: SheetLine): Memory[] {
  const { strokes, reply } = line;
  const tries = strokes.flatMap((stroke, at): (readonly Stroke[])[] => [
    strokes.slice(0, at),
    [...strokes.slice(0, at), ...strokes.slice(at + 1)],
    [...strokes.slice(0, at), stroke, ...strokes.slice(at)],
  ]);
  return tries.flatMap((made) => {
    let now = keypad;
    let said: ReplyId = 'key';
    for (const stroke of made) ({ keypad: now, reply: said } = press(language, now, stroke, 0));
    const isSo = seenAs(said, reply, screenOf(language, now), line.screen) === 'so';
    return isSo && made.length >= strokes.length ? [] : [now.memory];
  });
}

/** A memory of which nobody knows whether the code, or the card, of a slot stands there, or anything at all. */
function inDoubt(memory: Memory, slot: number, what: 'code' | 'card' | 'all'): Memory {
  if (what === 'all') {
    const slots = { ...memory.slots, [slot]: { ...NOBODY, unknown: what } };
    return { ...memory, slots };
  }
  const { unknown, ...held } = memory.slots[slot] ?? { code: null, card: null };
  const both = unknown !== undefined && unknown !== what;
  const content = { ...held, [what]: null, unknown: both ? ('all' as const) : what };
  return { ...memory, slots: { ...memory.slots, [slot]: content } };
}

/**
 * A memory of which nobody knows what stands in a slot. Whoever administered there, or was to, stands beside it: they may be needed to get
 * into the menu.
 */
function perhaps(
  language: KeypadLanguage,
  sheet: KeySheet,
  line: SheetLine,
  slot: number,
  known: Memory,
): Memory {
  const after = keyed(language, sheet.keypad, line.strokes).memory.slots[slot];
  const who = [sheet.known.slots[slot], after].find((one) => one?.administers) ?? NOBODY;
  return { ...known, slots: { ...known.slots, [slot]: { ...who, unknown: 'all' } } };
}

function tried(
  language: KeypadLanguage,
  sheet: KeySheet,
  { slot, strokes, about, reply }: SheetLine,
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

const keyed = (language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]): Keypad =>
  strokes.reduce((now, stroke) => press(language, now, stroke, 0).keypad, keypad);

/** What somebody saw, by what a keypad answered, and by what stands on its screen where it has one. */
export const seenAs = (
  answer: ReplyId,
  wanted: ReplyId,
  screen: ScreenText | null = null,
  reads: ScreenText | null = null,
): Seen =>
  answer === wanted
    ? JSON.stringify(screen) === JSON.stringify(reads)
      ? 'so'
      : 'something-else'
    : answer === 'refused'
      ? 'refused'
      : answer === 'timed-out' || answer === 'locked-out'
        ? 'dropped-out'
        : 'something-else';
