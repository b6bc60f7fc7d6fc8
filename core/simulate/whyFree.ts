import { doorHold, lockStatuses } from './lockStatus';
import type { SimState } from './simState';
import { standing, type Standing } from './standing';
import { advance, stimulate } from './step';
import type { World } from './world';

/** Why a door is free at this moment, and until when. */
export interface WhyFree {
  /**
   * Each thing that, undone alone, would lock the door again; where several keep it free together, all that stand. Empty where
   * nothing that was done keeps it free.
   */
  readonly by: readonly Standing[];
  /** True where several keep it free together: undoing one is not enough. */
  readonly together: boolean;
  /** When it locks again by itself, ms of the bench's clock; null where it does not within two minutes. */
  readonly until: number | null;
}

/** How far ahead a door is looked after. */
const AHEAD_MS = 120_000;

const isFree = (world: World, state: SimState): boolean =>
  doorHold(lockStatuses(world, state.point)) === 'free';

/**
 * Asks the circuit why the door is free: whatever stands is undone on a copy, one after the other, and what locks the door is
 * the reason. Null where it is not free.
 */
export function whyFree(world: World, state: SimState): WhyFree | null {
  if (!isFree(world, state)) return null;
  const all = standing(world, state);
  const undone = (one: Standing, from: SimState): SimState =>
    one.undo.reduce((now, stimulus) => stimulate(world, now, stimulus).state, from);
  const alone = all.filter((one) => one.undo.length > 0 && !isFree(world, undone(one, state)));
  const rest = all.reduce((now, one) => undone(one, now), state);
  const together = alone.length === 0 && all.length > 0 && !isFree(world, rest);
  return { by: together ? all : alone, together, until: locksAt(world, state) };
}

function locksAt(world: World, from: SimState): number | null {
  let state = from;
  for (let due = state.queue[0]; due && due.at <= from.now + AHEAD_MS; due = state.queue[0]) {
    state = advance(world, state, due.at).state;
    if (!isFree(world, state)) return due.at;
  }
  return null;
}
