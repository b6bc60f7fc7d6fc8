import type { SlotContent } from '../plan/index';
import { sameCard, type KeypadLanguage, type Memory } from './language';
import type { Target } from './target';

/** One line of the slot ledger: what a slot should hold and what it holds. */
export interface SlotComparison {
  /** The slot's number; in a list, which numbers nothing, the place of the line. */
  readonly slot: number;
  readonly state: 'same' | 'missing' | 'differs' | 'stranger' | 'unknown';
  readonly codeDiffers: boolean;
  readonly cardDiffers: boolean;
  readonly held: SlotContent | null;
  readonly wanted: SlotContent | null;
}

/** The same fingers in any order, and let into the menu or not. A name opens nothing. */
export const samePerson = (one: SlotContent, other: SlotContent): boolean => {
  const [fingers, others] = [one.fingers ?? [], other.fingers ?? []];
  return (
    (one.administers ?? false) === (other.administers ?? false) &&
    fingers.length === others.length &&
    fingers.every((finger) => others.includes(finger))
  );
};

/** What a code or card works must be the same too. */
export const sameEntry = (one: SlotContent, other: SlotContent): boolean =>
  one.code === other.code &&
  sameCard(one.card, other.card) &&
  (one.output ?? 1) === (other.output ?? 1) &&
  (one.toggle ?? false) === (other.toggle ?? false) &&
  one.unknown === other.unknown &&
  samePerson(one, other);

function line(slot: number, held: SlotContent | null, wanted: SlotContent | null): SlotComparison {
  const codeDiffers = (held?.code ?? null) !== (wanted?.code ?? null);
  const cardDiffers = !sameCard(held?.card ?? null, wanted?.card ?? null);
  const state = held?.unknown
    ? 'unknown'
    : !wanted
      ? 'stranger'
      : !held
        ? 'missing'
        : sameEntry(held, wanted)
          ? 'same'
          : 'differs';
  return { slot, state, codeDiffers, cardDiffers, held, wanted };
}

/** Compares a keypad's memory with the list, slot by slot. A stranger is what nobody on the list has. */
export function compareMemory(
  language: Pick<KeypadLanguage, 'slots'>,
  memory: Memory,
  target: Target,
): SlotComparison[] {
  if (!language.slots) return compareLists(memory, target);
  const slots = new Set([...Object.keys(memory.slots), ...Object.keys(target.slots)].map(Number));
  return [...slots]
    .sort((a, b) => a - b)
    .map((slot) => line(slot, memory.slots[slot] ?? null, target.slots[slot] ?? null));
}

/** A list is the same in any order: entry is held to entry by what it is. */
function compareLists(memory: Memory, target: Target): SlotComparison[] {
  const left = Object.values(memory.slots);
  const lines = Object.values(target.slots).map((wanted) => {
    const at = left.findIndex((held) => sameEntry(held, wanted));
    return [at < 0 ? null : left.splice(at, 1)[0]!, wanted] as const;
  });
  return [...lines, ...left.map((held) => [held, null] as const)].map(([held, wanted], index) =>
    line(index + 1, held, wanted),
  );
}
