import type { CardNumber, SlotContent } from '../plan/index';
import { entersByNumber, takesFingers, takesRoles, type KeypadLanguage, type Memory } from './language';

/** Why a line of what was found cannot be taken. */
export type FoundProblem =
  | 'no-slot'
  | 'slot-out-of-range'
  | 'nothing-held'
  | 'neither-code-nor-card'
  | 'code-length'
  | 'two-codes'
  | 'two-cards'
  | 'slot-twice'
  | 'code-twice'
  | 'card-twice';

export interface FoundLine {
  /** Counted from 1, as an editor counts. */
  readonly line: number;
  readonly text: string;
  readonly problem: FoundProblem;
}

export interface FoundMemory {
  /** What the keypad holds with every line that could be taken; slots that no line names stay as they were. */
  readonly memory: Memory;
  readonly taken: number;
  readonly refused: readonly FoundLine[];
}

/**
 * What somebody found in a keypad, a line a slot: `003 4711`, `004 71-2002`, `005 4711 71-2002`, `006 -` for a slot that is empty, `007 ?` for one that
 * is in use and nobody knows by what; at a terminal `008 4711 finger administrator`, a finger of which nobody can tell whose it is; for a
 * keypad with one list a code or a card a line. Parts stand apart by blanks, commas, semicolons or tabs. A line that cannot be taken is
 * said, and keeps no other from being taken.
 */
export function parseFoundMemory(
  language: KeypadLanguage,
  memory: Memory,
  text: string,
  source: Pick<SlotContent, 'how' | 'on'> = {},
): FoundMemory {
  const slots: Record<number, SlotContent> = { ...memory.slots };
  const refused: FoundLine[] = [];
  const named = new Set<number>();
  let taken = 0;
  text.split(/\r?\n/).forEach((raw, index) => {
    const words = raw.split(/[\s,;]+/).filter((word) => word !== '');
    if (words.length === 0) return;
    const read = readLine(language, words, slots, named);
    if (typeof read === 'string') {
      refused.push({ line: index + 1, text: raw.trim(), problem: read });
      return;
    }
    const { slot, content } = read;
    named.add(slot);
    if (content) slots[slot] = { ...content, ...source };
    else delete slots[slot];
    taken += 1;
  });
  return { memory: { ...memory, slots }, taken, refused };
}

interface Read {
  readonly slot: number;
  readonly content: SlotContent | null;
}

function readLine(
  language: KeypadLanguage,
  words: readonly string[],
  slots: Readonly<Record<number, SlotContent>>,
  named: ReadonlySet<number>,
): Read | FoundProblem {
  const [first = '', ...rest] = words;
  if (language.slots && !/^\d{1,5}$/.test(first)) return 'no-slot';
  const slot = language.slots ? Number(first) : nextPlace(slots);
  if (language.slots && (slot < language.slots.first || slot > language.slots.last))
    return 'slot-out-of-range';
  if (named.has(slot)) return 'slot-twice';
  const held = language.slots ? rest : words;
  if (held.length === 0) return 'nothing-held';
  if (language.slots && held.length === 1 && /^[-–—]$/.test(held[0]!)) return { slot, content: null };
  if (language.slots && held.length === 1 && held[0] === '?')
    return { slot, content: { code: null, card: null, unknown: 'all' } };
  const codes = held.filter((word) => /^\d+$/.test(word));
  const cards = held.flatMap((word) => cardOf(word) ?? []);
  const fingers = takesFingers(language) ? held.filter((word) => /^fingers?$/i.test(word)) : [];
  const roles = takesRoles(language) ? held.filter((word) => /^admin(istrator)?$/i.test(word)) : [];
  if (codes.length + cards.length + fingers.length + roles.length < held.length)
    return 'neither-code-nor-card';
  if (codes.length > 1) return 'two-codes';
  if (cards.length > 1) return 'two-cards';
  const [code = null] = codes;
  const [card = null] = cards;
  if (code !== null && (code.length < language.code.least || code.length > language.code.most))
    return 'code-length';
  const others = Object.entries(slots).flatMap(([other, one]) => (Number(other) === slot ? [] : [one]));
  if (code !== null && !entersByNumber(language) && others.some((one) => one.code === code))
    return 'code-twice';
  const isSame = (one: SlotContent) =>
    one.card?.facility === card?.facility && one.card?.number === card?.number;
  if (card && others.some((one) => one.card && isSame(one))) return 'card-twice';
  return {
    slot,
    content: {
      code,
      card,
      ...(fingers.length > 0 ? { fingers: fingers.map(() => '?') } : {}),
      ...(roles.length > 0 ? { administers: true } : {}),
    },
  };
}

const nextPlace = (slots: Readonly<Record<number, SlotContent>>): number =>
  Math.max(0, ...Object.keys(slots).map(Number)) + 1;

/** A card as it is printed: facility and number, `71-2002`. */
function cardOf(word: string): CardNumber | null {
  const [, facility, number] = /^(\d{1,5})-(\d{1,9})$/.exec(word) ?? [];
  return facility !== undefined && number !== undefined
    ? { facility: Number(facility), number: Number(number) }
    : null;
}
