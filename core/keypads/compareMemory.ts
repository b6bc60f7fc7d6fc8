import { sameCard, type Memory } from './language';
import type { Target } from './compileScript';

/** One line of the slot ledger: what a slot should hold and what it holds. */
export interface SlotComparison {
  readonly slot: number;
  readonly state: 'same' | 'missing' | 'differs' | 'stranger';
  readonly codeDiffers: boolean;
  readonly cardDiffers: boolean;
}

/** Compares a keypad's memory with the list, slot by slot. A stranger is a slot nobody on the list has. */
export function compareMemory(memory: Memory, target: Target): SlotComparison[] {
  const slots = new Set([...Object.keys(memory.slots), ...Object.keys(target.slots)].map(Number));
  return [...slots]
    .sort((a, b) => a - b)
    .map((slot) => {
      const held = memory.slots[slot];
      const wanted = target.slots[slot];
      const codeDiffers = (held?.code ?? null) !== (wanted?.code ?? null);
      const cardDiffers = !sameCard(held?.card ?? null, wanted?.card ?? null);
      const state = !wanted
        ? 'stranger'
        : !held
          ? 'missing'
          : codeDiffers || cardDiffers
            ? 'differs'
            : 'same';
      return { slot, state, codeDiffers, cardDiffers };
    });
}
