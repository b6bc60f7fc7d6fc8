import {
  ON,
  readInputAt,
  settle,
  type Conditions,
  type InputReading,
  type OperatingPoint,
} from '../circuit/index';
import type { SimState } from './simState';
import type { World } from './world';

export const conditionsOf = (state: SimState): Conditions => ({
  states: state.states,
  feeds: state.feeds,
  cut: state.cut,
  failed: state.failed,
});

/** Solves the circuit for the present states and reads every input and board. */
export const settleState = (world: World, state: SimState): SimState =>
  world.settledBy?.netlist === world.netlist ? world.settledBy.settle(state) : settledAnew(world, state);

/** The same, worked out. */
export const settledAnew = (world: World, state: SimState): SimState =>
  readState(world, state, settle(world.netlist, conditionsOf(state), state.point.on));

/** The state with every input and board read at this point of the circuit. What reads as before is the same table. */
export function readState({ netlist }: World, state: SimState, point: OperatingPoint): SimState {
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
