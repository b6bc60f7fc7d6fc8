import type { SlotContent } from '../plan/index';
import { sameEntry, samePerson } from './compareMemory';
import type { KeySheet, SheetLine } from './sheetLine';
import { press, type Keypad } from './keypad';
import { sameCard, type KeypadLanguage, type Memory, type ReplyId, type Stroke } from './language';
import { screenOf } from './screenText';
import { cardAsReadBy } from './cardAsReadBy';

/** What nobody knows any more once a line was answered otherwise: a hand slips, and something else is stored. */

/** Nothing at all in a slot. */
export const NOBODY = { code: null, card: null } as const;

/** The keypad once all of these have been made. */
export const keyed = (language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]): Keypad =>
  strokes.reduce((now, stroke) => press(language, now, stroke, 0).keypad, keypad);

/** What is about all that stands in a slot, or about what nothing tells from outside. */
const PERSON: ReadonlySet<SheetLine['purpose']> = new Set(['new-user', 'add-finger', 'set-role']);

/**
 * What is known after a line that was not answered as it should be. What it was about may be there or not; and where a stroke that slipped
 * could have stored something in another slot before the answer went wrong, that slot is not known either: the stand-in is keyed with each
 * such slip.
 */
export function doubted(language: KeypadLanguage, sheet: KeySheet, line: SheetLine): Memory {
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
export const strays = (sheet: KeySheet, { slot, about }: SheetLine, known: Memory): boolean =>
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
    const isSo = cardAsReadBy(said, reply, screenOf(language, now), line.screen) === 'so';
    return isSo && made.length >= strokes.length ? [] : [now.memory];
  });
}

/**
 * A memory of which nobody knows whether the code, or the card, of a slot stands there, or anything at all. What somebody who administers
 * may have stays beside it: it may be needed to get into the menu.
 */
export function inDoubt(memory: Memory, slot: number, what: 'code' | 'card' | 'all'): Memory {
  const { unknown, ...held }: SlotContent = memory.slots[slot] ?? NOBODY;
  if (unknown === 'all') return memory;
  const both = unknown !== undefined && unknown !== what;
  const content: SlotContent = held.administers
    ? { ...held, unknown: 'all' }
    : what === 'all'
      ? { ...NOBODY, unknown: what }
      : { ...held, [what]: null, unknown: both ? 'all' : what };
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
