import { functionsOf } from '../devices/index';
import { statesThat, type StateRole } from '../functions/index';
import { doorHold, lockStatuses } from './lockStatus';
import type { SimState } from './simState';
import { advance } from './step';
import type { World } from './world';

/** What the time lanes show of one moment. */
export interface LaneSample {
  readonly at: number;
  readonly lock: 'held' | 'free' | 'weak' | 'no-lock';
  readonly door: 'closed' | 'open';
  /** Relays by state key, those that are pulled in. */
  readonly relays: readonly string[];
}

const statesAt = (world: World, ...roles: readonly StateRole[]): string[] =>
  world.inhabitants.flatMap(({ device, type }) =>
    device.door === world.door.id ? statesThat(type, ...roles).map((state) => `${device.id}:${state}`) : [],
  );

/** Relays and outputs of the devices of a door, as `device:state`: what works its locks first. */
export const relayKeys = (world: World): string[] => [
  ...statesAt(world, 'relay'),
  ...statesAt(world, 'output'),
];

const egressStates = (world: World, which: 'alarm' | 'state'): string[] =>
  world.inhabitants.flatMap(({ device, type }) =>
    device.door === world.door.id
      ? functionsOf(type, 'delayedEgress').map((spec) => `${device.id}:${spec[which]}`)
      : [],
  );

/** Alarms that sound while somebody is leaving; and what lets go when the delay is over. */
export const egressAlarms = (world: World): string[] => egressStates(world, 'alarm');
export const egressReleases = (world: World): string[] => egressStates(world, 'state');

/** The present moment as a sample. */
export function sampleLanes(world: World, state: SimState): LaneSample {
  return {
    at: state.now,
    lock: doorHold(lockStatuses(world, state.point)),
    door: state.doorOpen ? 'open' : 'closed',
    relays: relayKeys(world).filter((key) => state.states.has(key)),
  };
}

/** What will happen by itself until the horizon if nobody does anything: a sample for every change. */
export function foresee(world: World, from: SimState, horizon: number): LaneSample[] {
  const samples: LaneSample[] = [];
  let state = from;
  for (let due = state.queue[0]; due && due.at <= horizon; due = state.queue[0]) {
    state = advance(world, state, due.at).state;
    samples.push(sampleLanes(world, state));
  }
  return samples;
}
