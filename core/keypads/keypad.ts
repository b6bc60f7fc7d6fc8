import type { CardNumber, SlotContent } from '../plan/index';
import { codeProblem } from './codeRules';
import {
  sameCard,
  type CommandId,
  type KeypadLanguage,
  type Memory,
  type ReplyId,
  type Stroke,
} from './language';
import { matchTokens, type Fields } from './matchTokens';

/** A keypad with its memory, as it stands between two strokes. Plain data; time is an argument. */
export interface Keypad {
  readonly memory: Memory;
  readonly mode: 'door' | 'programming';
  readonly strokes: readonly Stroke[];
  /** When the last stroke fell, ms. */
  readonly lastAt: number;
  readonly wrongTries: number;
  readonly lockedUntil: number;
}

/** What the keypad answers to one stroke. `opened` names the slot that opened the door. */
export interface Answer {
  readonly keypad: Keypad;
  readonly reply: ReplyId;
  readonly slot: number | null;
}

export const switchOn = (memory: Memory): Keypad => ({
  memory,
  mode: 'door',
  strokes: [],
  lastAt: 0,
  wrongTries: 0,
  lockedUntil: 0,
});

/** Drops an unfinished entry, and programming mode with it, after the silence the language allows. */
export function passTime(language: KeypadLanguage, keypad: Keypad, now: number): Answer | null {
  const idle = keypad.mode === 'door' && keypad.strokes.length === 0;
  if (idle || now - keypad.lastAt < language.timeoutMs) return null;
  return { keypad: { ...keypad, mode: 'door', strokes: [] }, reply: 'timed-out', slot: null };
}

/** One stroke at the keypad, at this time in ms. */
export function press(language: KeypadLanguage, before: Keypad, stroke: Stroke, now: number): Answer {
  const awake = passTime(language, before, now)?.keypad ?? before;
  const keypad = { ...awake, lastAt: now };
  if (now < keypad.lockedUntil)
    return { keypad: { ...keypad, strokes: [] }, reply: 'locked-out', slot: null };
  const strokes = [...keypad.strokes, stroke];
  return keypad.mode === 'door'
    ? atDoor(language, keypad, strokes, now)
    : inProgramming(language, keypad, strokes);
}

function atDoor(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[], now: number): Answer {
  const only = strokes.length === 1 ? strokes[0] : undefined;
  if (only && 'card' in only) return judge(language, keypad, slotOfCard(keypad.memory, only.card), now);
  const enter = matchTokens(language.enter, strokes);
  if (enter.kind === 'complete') {
    const { programming, again } = enter.fields.digits;
    const right =
      programming === keypad.memory.programmingCode && (again === undefined || again === programming);
    if (!right) return wrong(language, keypad, now);
    return { keypad: { ...keypad, mode: 'programming', strokes: [] }, reply: 'programming', slot: null };
  }
  const entry = matchTokens(language.entry, strokes);
  if (entry.kind === 'complete')
    return judge(language, keypad, slotOfCode(keypad.memory, entry.fields.digits.code), now);
  if (enter.kind === 'no' && entry.kind === 'no') return wrong(language, keypad, now);
  return { keypad: { ...keypad, strokes }, reply: 'key', slot: null };
}

function judge(language: KeypadLanguage, keypad: Keypad, slot: number | null, now: number): Answer {
  if (slot === null) return wrong(language, keypad, now);
  return { keypad: { ...keypad, strokes: [], wrongTries: 0 }, reply: 'opened', slot };
}

function wrong(language: KeypadLanguage, keypad: Keypad, now: number): Answer {
  const wrongTries = keypad.wrongTries + 1;
  if (wrongTries < language.lockout.tries) {
    return { keypad: { ...keypad, strokes: [], wrongTries }, reply: 'refused', slot: null };
  }
  const lockedUntil = now + language.lockout.ms;
  return { keypad: { ...keypad, strokes: [], wrongTries: 0, lockedUntil }, reply: 'locked-out', slot: null };
}

function inProgramming(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[]): Answer {
  if (matchTokens(language.leave, strokes).kind === 'complete') {
    return { keypad: { ...keypad, mode: 'door', strokes: [] }, reply: 'left', slot: null };
  }
  let partial = matchTokens(language.leave, strokes).kind === 'partial';
  for (const [id, tokens] of Object.entries(language.commands) as [
    CommandId,
    NonNullable<(typeof language.commands)[CommandId]>,
  ][]) {
    const match = matchTokens(tokens, strokes);
    if (match.kind === 'complete') {
      const memory = EXECUTE[id](language, keypad.memory, match.fields);
      const reply = memory ? 'stored' : 'refused';
      return { keypad: { ...keypad, memory: memory ?? keypad.memory, strokes: [] }, reply, slot: null };
    }
    partial ||= match.kind === 'partial';
  }
  if (partial) return { keypad: { ...keypad, strokes }, reply: 'key', slot: null };
  return { keypad: { ...keypad, strokes: [] }, reply: 'refused', slot: null };
}

type Execute = (language: KeypadLanguage, memory: Memory, fields: Fields) => Memory | null;

/** What each command does to the memory; null where the keypad refuses. */
const EXECUTE: Record<CommandId, Execute> = {
  'set-code': (language, memory, { digits }) => {
    const slot = slotNumber(language, digits.slot);
    const { code = '', again = code } = digits;
    if (slot === null || again !== code) return null;
    const others = codesOf(memory)
      .filter(([other]) => other !== slot)
      .map(([, value]) => value);
    if (codeProblem(language, code, memory.programmingCode, others)) return null;
    return withSlot(memory, slot, { code, card: memory.slots[slot]?.card ?? null });
  },
  'set-card': (language, memory, { digits, card }) => {
    const slot = slotNumber(language, digits.slot);
    if (slot === null || !card) return null;
    const owner = slotOfCard(memory, card);
    if (owner !== null && owner !== slot) return null;
    return withSlot(memory, slot, { code: memory.slots[slot]?.code ?? null, card });
  },
  'clear-slot': (language, memory, { digits }) => {
    const slot = slotNumber(language, digits.slot);
    if (slot === null) return null;
    const { [slot]: _gone, ...slots } = memory.slots;
    return { ...memory, slots };
  },
  'unlock-time': (_language, memory, { digits }) => {
    const seconds = Number(digits.seconds);
    return seconds >= 1 ? { ...memory, times: { ...memory.times, unlock: seconds } } : null;
  },
  'programming-code': (language, memory, { digits }) => {
    const { programming = '', again } = digits;
    if (programming !== again || codesOf(memory).some(([, code]) => code === programming)) return null;
    const uneven =
      language.sameLength && codesOf(memory).some(([, code]) => code.length !== programming.length);
    return uneven ? null : { ...memory, programmingCode: programming };
  },
};

function slotNumber(language: KeypadLanguage, digits: string | undefined): number | null {
  const slot = Number(digits);
  return slot >= language.slots.first && slot <= language.slots.last ? slot : null;
}

const withSlot = (memory: Memory, slot: number, content: SlotContent): Memory => ({
  ...memory,
  slots: { ...memory.slots, [slot]: content },
});

const codesOf = (memory: Memory): [number, string][] =>
  Object.entries(memory.slots).flatMap(([slot, { code }]) => (code === null ? [] : [[Number(slot), code]]));

const slotOfCode = (memory: Memory, code: string | undefined): number | null =>
  codesOf(memory).find(([, value]) => value === code)?.[0] ?? null;

function slotOfCard(memory: Memory, card: CardNumber): number | null {
  const found = Object.entries(memory.slots).find(
    ([, content]) => content.card && sameCard(content.card, card),
  );
  return found ? Number(found[0]) : null;
}
