import type { SimState, Stimulus } from './simState';
import { advance, afterNext, stimulate } from './step';
import type { World } from './world';

/** Plays what happens to a door, on whatever stands for a state of it. */
export interface Player<T> {
  act(at: T, stimulus: Stimulus): T;
  /** Lets so many milliseconds pass. */
  wait(at: T, ms: number): T;
  /** Lets time pass until the next timer has run, batteries aside; null where none is due. */
  next(at: T): T | null;
  /** The state that it stands for. */
  state(at: T): SimState;
  isOpen(at: T): boolean;
}

/** Plays in the simulation itself. */
export const player = (world: World): Player<SimState> => ({
  act: (state, stimulus) => stimulate(world, state, stimulus).state,
  wait: (state, ms) => advance(world, state, state.now + ms).state,
  next: (state) => afterNext(world, state),
  state: (state) => state,
  isOpen: (state) => state.doorOpen,
});
