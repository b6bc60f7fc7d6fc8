import type { SimState, Stimulus } from './simState';
import { advance, stimulate } from './step';
import type { World } from './world';

/** Plays what happens to a door, on whatever stands for a state of it. */
export interface Player<T> {
  act(state: T, stimulus: Stimulus): T;
  /** Lets so many milliseconds pass. */
  wait(state: T, ms: number): T;
  isOpen(state: T): boolean;
}

/** Plays in the simulation itself. */
export const player = (world: World): Player<SimState> => ({
  act: (state, stimulus) => stimulate(world, state, stimulus).state,
  wait: (state, ms) => advance(world, state, state.now + ms).state,
  isOpen: (state) => state.doorOpen,
});
