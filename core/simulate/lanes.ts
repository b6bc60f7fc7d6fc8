import { channelsOf, functionsOf } from '../devices/index';
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

/** Relay states of the devices that decide, as `device:state`. */
export const relayKeys = (world: World): string[] =>
  world.inhabitants.flatMap(({ device, type }) => {
    if (device.door !== world.door.id) return [];
    const relays = [
      ...[...channelsOf(type), ...functionsOf(type, 'operator')].map(({ relay }) => relay),
      ...functionsOf(type, 'output').map((output) => output.state),
    ];
    return relays.map((relay) => `${device.id}:${relay}`);
  });

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
