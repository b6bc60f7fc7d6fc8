import type { CardNumber, SlotContent } from '../plan/index';
import { codeProblem } from './codeRules';
import {
  can,
  entersByNumber,
  sameCard,
  takesCards,
  takesCodes,
  takesFingers,
  takesRoles,
  type Command,
  type Deed,
  type KeypadLanguage,
  type Memory,
} from './language';
import { nameOf } from './letters';
import type { Fields } from './matchTokens';

type Execute = (language: KeypadLanguage, memory: Memory, fields: Fields, command: Command) => Memory | null;

/** What a command does to the memory; null where the keypad refuses. */
export const perform: Execute = (language, memory, fields, command) =>
  DEEDS[command.does](language, memory, fields, command);

const DEEDS: Readonly<Record<Deed, Execute>> = {
  'set-code': (language, memory, { digits }, command) => {
    const slot = slotNumber(language, digits.slot);
    const { code = '', again = code } = digits;
    if (slot === null || again !== code || !mayHave(language, memory, code, slot)) return null;
    if (!mayChange(language, memory, slot)) return null;
    const { card = null, unknown, ...held } = memory.slots[slot] ?? {};
    return withSlot(memory, slot, {
      ...person(held),
      code,
      card,
      ...works(command),
      ...stillUnknown(language, unknown, 'code'),
    });
  },
  'set-card': (language, memory, { digits, cards }, command) => {
    const first = slotNumber(language, digits.slot);
    if (first === null || cards.length === 0) return null;
    return cards.reduce<Memory | null>((now, card, index) => {
      const slot = slotNumber(language, String(first + index));
      if (!now || slot === null) return null;
      const owner = slotOfCard(now, card);
      if ((owner !== null && owner !== slot) || !mayChange(language, now, slot)) return null;
      const { code = null, unknown, ...held } = now.slots[slot] ?? {};
      return withSlot(now, slot, {
        ...person(held),
        code,
        card,
        ...works(command),
        ...stillUnknown(language, unknown, 'card'),
      });
    }, memory);
  },
  'add-code': (language, memory, { digits }, command) => {
    const { code = '', again = code } = digits;
    if (again !== code || !mayHave(language, memory, code, null)) return null;
    return appended(language, memory, { code, card: null, ...works(command) });
  },
  'add-card': (language, memory, { cards }, command) =>
    cards.reduce<Memory | null>(
      (now, card) =>
        now && slotOfCard(now, card) === null
          ? appended(language, now, { code: null, card, ...works(command) })
          : null,
      memory,
    ),
  'new-user': (language, memory, { digits, cards, finger, taps, administers }, command) => {
    const slot = digits.slot === undefined ? nextSlot(language, memory) : slotNumber(language, digits.slot);
    const { code, again } = digits;
    const [card = null] = cards;
    if (slot === null || memory.slots[slot] || finger === null || full(language, memory)) return null;
    const repeats = command.strokes.some((token) => 'field' in token && token.field === 'again');
    if (repeats && again !== code) return null;
    if (code !== undefined && !mayHave(language, memory, code, slot)) return null;
    // Whoever could show nothing could never come in; and would close the menu to everybody, had they the role.
    if (code === undefined && !card && finger === undefined) return null;
    if (card && slotOfCard(memory, card) !== null) return null;
    if (finger !== undefined && slotOfFinger(memory, finger) !== null) return null;
    const name = nameOf(taps ?? '');
    return withSlot(memory, slot, {
      code: code ?? null,
      card,
      ...(finger === undefined ? {} : { fingers: [finger] }),
      ...(administers ? { administers: true as const } : {}),
      ...(name === '' ? {} : { name }),
    });
  },
  'add-finger': (language, memory, { digits, finger }) => {
    const slot = slotNumber(language, digits.slot);
    const held = slot === null ? undefined : memory.slots[slot];
    if (slot === null || !held || finger === undefined || finger === null) return null;
    const { fingers = [] } = held;
    if (slotOfFinger(memory, finger) !== null || fingers.length >= 10) return null;
    return withSlot(memory, slot, { ...held, fingers: [...fingers, finger] });
  },
  'set-role': (language, memory, { digits, administers = false }) => {
    const slot = slotNumber(language, digits.slot);
    const held = slot === null ? undefined : memory.slots[slot];
    if (slot === null || !held) return null;
    const { administers: _was, ...rest } = held;
    return withSlot(memory, slot, administers ? { ...rest, administers: true } : rest);
  },
  'clear-slot': (language, memory, { digits }) => {
    const slot = slotNumber(language, digits.slot);
    if (slot === null) return null;
    const { [slot]: _gone, ...slots } = memory.slots;
    return { ...memory, slots };
  },
  'clear-all': (_language, { rest: _looked, ...memory }) => ({ ...memory, slots: {} }),
  'delete-code': (_language, memory, { digits }) => {
    const slot = slotOfCode(memory, digits.code);
    return slot === null ? null : without(memory, slot, 'code');
  },
  'delete-card': (_language, memory, { cards }) =>
    cards.reduce<Memory | null>((now, card) => {
      const slot = now && slotOfCard(now, card);
      return now && slot !== null ? without(now, slot, 'card') : null;
    }, memory),
  'set-time': (_language, memory, { digits }, { time = 'unlock' }) => {
    const seconds = Number(digits.seconds);
    return seconds >= 1 ? { ...memory, times: { ...memory.times, [time]: seconds } } : null;
  },
  'programming-code': (language, memory, { digits }) => {
    const { programming = '', again = programming } = digits;
    if (programming !== again) return null;
    const { least, most } = language.programming;
    if (programming.length < least || programming.length > most) return null;
    // Whatever it holds must fit the new one; what nothing but its own length stands against stays as it is.
    const fits = codesOf(memory).every(
      ([, code]) => !AGAINST.has(codeProblem(language, code, programming, []) ?? ''),
    );
    return fits ? { ...memory, programmingCode: programming } : null;
  },
};

/** What of a code stands against a programming code, and not against the code alone. */
const AGAINST: ReadonlySet<string> = new Set([
  'not-as-long-as-programming',
  'as-long-as-programming',
  'is-programming',
  'like-programming',
]);

/** What of a slot is still not known once its code, or its card, has been keyed. */
function stillUnknown(
  language: KeypadLanguage,
  unknown: SlotContent['unknown'],
  keyed: 'code' | 'card',
): Pick<SlotContent, 'unknown'> {
  // A finger or a role that nobody knows of stays there whatever is keyed beside it.
  if (unknown === 'all' && (takesFingers(language) || takesRoles(language))) return { unknown };
  const other = keyed === 'code' ? 'card' : 'code';
  const mayStand = keyed === 'code' ? takesCards(language) : takesCodes(language);
  return mayStand && (unknown === 'all' || unknown === other) ? { unknown: other } : {};
}

/** Whoever is edited must be there, where somebody new has a command of their own. */
const mayChange = (language: KeypadLanguage, memory: Memory, slot: number): boolean =>
  !can(language, 'new-user') || memory.slots[slot] !== undefined;

/** What of a slot stands for the person, and stays when the code or the card becomes another. */
const person = ({ fingers, administers, name }: Partial<SlotContent>) => ({
  ...(fingers ? { fingers } : {}),
  ...(administers ? { administers } : {}),
  ...(name === undefined ? {} : { name }),
});

const full = ({ capacity }: KeypadLanguage, { slots }: Memory): boolean =>
  Object.keys(slots).length >= capacity;

/** The lowest slot that is free: what a screen offers. */
export function nextSlot({ slots }: KeypadLanguage, memory: Memory): number | null {
  if (!slots) return null;
  for (let slot = slots.first; slot <= slots.last; slot += 1) if (!memory.slots[slot]) return slot;
  return null;
}

/** What else than the first output, for a moment, a command is for. */
const works = ({ output = 1, toggle = false }: Command): Pick<SlotContent, 'output' | 'toggle'> => ({
  ...(output > 1 ? { output } : {}),
  ...(toggle ? { toggle } : {}),
});

const mayHave = (language: KeypadLanguage, memory: Memory, code: string, slot: number | null): boolean => {
  const others = entersByNumber(language)
    ? []
    : codesOf(memory).flatMap(([other, value]) => (other === slot ? [] : [value]));
  return codeProblem(language, code, memory.programmingCode, others) === null;
};

function slotNumber({ slots }: KeypadLanguage, digits: string | undefined): number | null {
  const slot = Number(digits);
  return slots && slot >= slots.first && slot <= slots.last ? slot : null;
}

const withSlot = (memory: Memory, slot: number, content: SlotContent): Memory => ({
  ...memory,
  slots: { ...memory.slots, [slot]: content },
});

/** One more at the end of a list, in the first place that is free. */
function appended({ capacity }: KeypadLanguage, memory: Memory, content: SlotContent): Memory | null {
  for (let place = 1; place <= capacity; place += 1)
    if (!memory.slots[place]) return withSlot(memory, place, content);
  return null;
}

/** A slot without its code or card; gone where it held nothing else. */
function without(memory: Memory, slot: number, what: 'code' | 'card'): Memory {
  const { [slot]: held, ...slots } = memory.slots;
  const left = held && { ...held, [what]: null };
  const opens = left && (left.code !== null || left.card !== null || left.fingers !== undefined);
  return left && (opens || left.unknown !== undefined) ? withSlot(memory, slot, left) : { ...memory, slots };
}

export const codesOf = (memory: Memory): [number, string][] =>
  Object.entries(memory.slots).flatMap(([slot, { code }]) => (code === null ? [] : [[Number(slot), code]]));

export const slotOfCode = (memory: Memory, code: string | undefined): number | null =>
  codesOf(memory).find(([, value]) => value === code)?.[0] ?? null;

export function slotOfCard(memory: Memory, card: CardNumber): number | null {
  const found = Object.entries(memory.slots).find(
    ([, content]) => content.card && sameCard(content.card, card),
  );
  return found ? Number(found[0]) : null;
}

/** The slot of a code; where a number is asked for too, only that one. */
export const slotOfEntry = (memory: Memory, { slot, code }: Fields['digits']): number | null =>
  slot === undefined
    ? slotOfCode(memory, code)
    : code !== undefined && memory.slots[Number(slot)]?.code === code
      ? Number(slot)
      : null;

export function slotOfFinger(memory: Memory, finger: string): number | null {
  const found = Object.entries(memory.slots).find(([, { fingers }]) => fingers?.includes(finger));
  return found ? Number(found[0]) : null;
}
