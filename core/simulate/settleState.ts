import { ON, readInputAt, settle, type Conditions, type InputReading } from '../circuit/index';
import type { SimState } from './simState';
import type { World } from './world';

export const conditionsOf = (state: SimState): Conditions => ({
  states: state.states,
  feeds: state.feeds,
  cut: state.cut,
  failed: state.failed,
});

/** Solves the circuit for the present states and reads every input and board. What reads as before is the same table. */
export function settleState(world: World, state: SimState): SimState {
  const { netlist } = world;
  const point = settle(netlist, conditionsOf(state), state.point.on);
  const readings = new Map<string, InputReading>();
  let isNew = state.readings.size !== netlist.fast.inputs.length;
  for (const index of netlist.fast.inputs) {
    const { id } = netlist.branches[index]!;
    const reading = readInputAt(netlist, point, index);
    isNew ||= state.readings.get(id) !== reading;
    readings.set(id, reading);
  }
  const boards = new Map<string, boolean>();
  let isOther = state.boards.size !== netlist.fast.boards.length;
  for (const index of netlist.fast.boards) {
    const { id } = netlist.branches[index]!;
    const runs = point.on[index] === ON;
    isOther ||= state.boards.get(id) !== runs;
    boards.set(id, runs);
  }
  return {
    ...state,
    point,
    readings: isNew ? readings : state.readings,
    boards: isOther ? boards : state.boards,
  };
}
