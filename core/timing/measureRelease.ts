import { channelsOf, does, functionsOf, roleValue, settingFor, type SettingRole } from '../devices/index';
import { entries } from '../door/index';
import {
  advance,
  doorHold,
  lockStatuses,
  stimulate,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';

/** How long a door stays released, and what ends it. */
export interface Release {
  readonly seconds: number;
  /** Device whose timer holds the lock again. */
  readonly device: string;
  /** Setting of that device which the time is kept in; null where it has none. */
  readonly setting: string | null;
}

/** Nothing that is timed lasts longer, ms. */
const HORIZON_MS = 600_000;

const isFree = (world: World, state: SimState): boolean =>
  doorHold(lockStatuses(world, state.point)) === 'free';

/** Setting that a device's timer runs by, by what its function calls the timer. */
function settingOf(world: World, device: string, timer: string, by: 'unlock' | 'exit'): string | null {
  const self = world.inhabitants.find((one) => one.device.id === device);
  if (!self) return null;
  const counted = /^c(\d+)\./.exec(timer)?.[1];
  if (counted === undefined && does(self.type, 'operator')) return settingFor(self.type, 'stay')?.id ?? null;
  const channel = Number(counted ?? 0);
  // A timer of its own knows one time, whoever asks it.
  const own = channelsOf(self.type)[channel];
  const role: SettingRole = functionsOf(self.type, 'timer').some((one) => one.channel === own) ? 'exit' : by;
  const kept = settingFor(self.type, role, channel)?.id ?? null;
  return kept !== null && typeof roleValue(self.type, self.device.settings, role, channel) === 'number'
    ? kept
    : null;
}

/**
 * Asks the door and lets time pass until its lock holds again: the time and the timer are those of whatever ends it, a
 * supply's dial, an operator, a relay. Null where the door is not released, or stays so: a code that toggles has no time.
 */
export function measureRelease(world: World, rest: SimState, act: Stimulus): Release | null {
  if (isFree(world, rest)) return null;
  let state = stimulate(world, rest, act).state;
  let since = isFree(world, state) ? state.now : null;
  const by = act.kind === 'credential' ? 'unlock' : 'exit';
  for (let due = state.queue[0]; due && due.at <= rest.now + HORIZON_MS; due = state.queue[0]) {
    // Timers of one instant run in order; what the earlier ones ask is answered by the last.
    const { device, name } = state.queue.filter(({ at }) => at === due.at).at(-1) ?? due;
    state = advance(world, state, due.at).state;
    const free = isFree(world, state);
    if (since === null && free) since = state.now;
    if (since !== null && !free) {
      const seconds = (state.now - since) / 1000;
      return { seconds, device, setting: settingOf(world, device, name, by) };
    }
  }
  return null;
}

/** The release after a card or code at the door's first reader or keypad, from outside where one is. */
export const releaseByCredential = (world: World, rest: SimState): Release | null =>
  entries(world).length > 0 ? measureRelease(world, rest, { kind: 'credential', valid: true }) : null;
