import { ON, readInput, settle, type Conditions, type InputReading } from '../circuit/index';
import type { SimState } from './simState';
import type { World } from './world';

export const conditionsOf = (state: SimState): Conditions => ({
  states: state.states,
  feeds: state.feeds,
  cut: state.cut,
  failed: state.failed,
});

/** Solves the circuit for the present states and reads every input and board. */
export function settleState(world: World, state: SimState): SimState {
  const point = settle(world.netlist, conditionsOf(state), state.point.on);
  const readings = new Map<string, InputReading>();
  const boards = new Map<string, boolean>();
  world.netlist.branches.forEach((branch, index) => {
    if (branch.kind === 'input') readings.set(branch.id, readInput(world.netlist, point, branch.id));
    if (branch.kind === 'electronic') boards.set(branch.id, point.on[index] === ON);
  });
  return { ...state, point, readings, boards };
}
