import { ON, indexConditions, readInputAt, type Conditions, type InputReading } from '../circuit/index';
import type { OperatingPoint, IndexedConditions } from '../circuit/index';
import { answered, MAX_EXCHANGES } from './exchange';
import { holdOf } from './lockStatus';
import { conditionsOf, readState } from './settleState';
import type { SimState } from './simState';
import type { World } from './world';

/**
 * What the devices of a door do, explored once. They know nothing of the circuit but what their inputs and boards read and
 * whether a lock holds: two circuits that read the same go the same way, however different their currents are. So what
 * follows from a reading is worked out when it is first met, and shared by every circuit with the same devices.
 */
export interface Explored {
  readonly rest: Settled;
  /** Numbers of the conditions that were met, by all that they say to the circuit. */
  readonly numbers: Map<string, number>;
  /** The conditions themselves, by their number. */
  readonly posed: IndexedConditions[];
  readonly netlist: World['netlist'];
}

/** A door that has come to rest for now. Its state is that of the circuit that was here first. */
export interface Settled {
  readonly kind: 'settled';
  /** Tells it from all others of the same exploration. */
  readonly id: number;
  readonly state: SimState;
  readonly next: Map<string, Pending | Settled>;
}

/** A circuit that is to be settled, with what follows from each way it may read then. */
export interface Pending {
  readonly kind: 'pending';
  readonly state: SimState;
  readonly last: SimState;
  readonly round: number;
  /** The number of its conditions. */
  readonly number: number;
  readonly after: Map<string, Pending | Settled>;
}

let count = 0;
export const settled = (state: SimState): Settled => ({
  kind: 'settled',
  id: (count += 1),
  state,
  next: new Map(),
});

/** Conditions that say the same to the circuit have the same number. */
export function numberOf({ numbers, posed, netlist }: Explored, conditions: Conditions): number {
  const { states, feeds, cut, failed } = conditions;
  const worked = [...states].filter((state) => netlist.fast.stateOf.has(state)).sort();
  const said = JSON.stringify([worked, [...feeds], [...cut].sort(), [...failed].sort()]);
  let number = numbers.get(said);
  if (number === undefined) {
    number = posed.push(indexConditions(netlist, conditions)) - 1;
    numbers.set(said, number);
  }
  return number;
}

export function pending(explored: Explored, state: SimState, last: SimState, round: number): Pending {
  const number = numberOf(explored, conditionsOf(state));
  return { kind: 'pending', state, last, round, number, after: new Map() };
}

/** The beginning of an exploration: the door at rest. */
export function explore({ netlist }: World, rest: SimState): Explored {
  const explored = { rest: settled(rest), numbers: new Map(), posed: [], netlist };
  numberOf(explored, conditionsOf(rest));
  return explored;
}

/** What follows when a circuit has settled so. */
export function follow(
  world: World,
  explored: Explored,
  at: Pending,
  point: OperatingPoint,
): Pending | Settled {
  const state = readState(world, at.state, point);
  const next = answered(world, at.last, state, at.round, []);
  if (next === state || at.round === MAX_EXCHANGES) return settled(next);
  return pending(explored, next, state, at.round + 1);
}

const READ: Readonly<Record<InputReading, string>> = {
  closed: 'c',
  open: 'o',
  unsure: 'u',
  trouble: 't',
  dead: 'd',
};

/** All that the devices of a door, and whoever pushes it, can know of a circuit. */
export function readsOf(world: World, point: OperatingPoint): string {
  const { netlist } = world;
  const { inputs, boards } = netlist.fast;
  let reads = point.restless.length > 0 ? 'r' : '';
  for (let i = 0; i < inputs.length; i += 1) reads += READ[readInputAt(netlist, point, inputs[i]!)];
  for (let i = 0; i < boards.length; i += 1) reads += point.on[boards[i]!] === ON ? '1' : '0';
  return reads + holdOf(world, point);
}
