import { does, functionOf, roleValue, settingFor, settingValue } from '../devices/index';
import { doorDevices, doorParts, doorTimes, entries, exits, type Placed } from '../door/index';
import type { Plan } from '../plan/index';
import { delaysOf } from '../prove/index';
import { heedsLockdown, type SimState, type World } from '../simulate/index';
import { REACTION_SECONDS, releaseByCredential, WALKING_SPEED } from '../timing/index';

/** A lockdown that is called for the whole site, where no button calls it; no device has an id like this. */
export const SITE = '';

/** What a door is like, as far as its scenarios differ by it. Times in ms. */
export interface Scene {
  readonly enters: boolean;
  readonly exit: string | null;
  /** What feels a push by itself and lets go late, with the time until it does, ms; null where nothing does. */
  readonly delayed: { readonly device: string; readonly after: number } | null;
  readonly glass: string | null;
  readonly decider: string | null;
  readonly hasFire: boolean;
  /** True where another door keeps this one shut. */
  readonly interlocked: boolean;
  /** A lockdown button, or `SITE` where one that is called over the network is kept. */
  readonly lockdown: string | null;
  /** How its hours of free passage begin. */
  readonly passage: 'no' | 'clock' | 'first-in';
  /** True where a card that comes in twice is refused; and its readers on the two sides. */
  readonly passback: boolean;
  readonly outer: string | null;
  readonly inner: string | null;
  /** True where something sees whether the leaf is open. */
  readonly senses: boolean;
  readonly relocksOnClose: boolean;
  /** From the card until the lock holds again, and from the exit button until it does. */
  readonly release: number;
  /** Until the alarm of a door that is left open; null where nothing raises it. */
  readonly held: number | null;
  /** From the reader to the handle, for whoever usually uses the door. */
  readonly walk: number;
  readonly slowWalk: number;
}

export function sceneOf(plan: Plan, world: World, rest: SimState): Scene {
  const parts = doorParts(plan, world.door.id);
  const times = doorTimes(plan, world.door.id, parts);
  const channel = times?.channel ?? 0;
  const { decider } = parts;
  const seconds = Math.max(
    releaseByCredential(world, rest)?.seconds ?? 0,
    times?.unlock ?? 0,
    times?.exit ?? 0,
  );
  const walk = (slowWalkers: boolean) =>
    Math.ceil((REACTION_SECONDS + world.door.brief.readerDistance / speedOf(slowWalkers)) * 10) * 100;
  const senses = parts.contacts.length > 0;
  const interlock = decider && functionOf(decider.type, 'interlock');
  const alarms = decider ? settingFor(decider.type, 'held', channel) !== null : false;
  const reads = entries(world).filter(({ type }) => !does(type, 'ownCodes'));
  return {
    passage: decider && does(decider.type, 'clock') ? freeMode(decider, channel) : 'no',
    passback: decider !== null && does(decider.type, 'clock') && passbackRefuses(decider, channel),
    outer: reads.find(({ device }) => device.place === 'outside')?.device.id ?? null,
    inner: reads.find(({ device }) => device.place === 'inside')?.device.id ?? null,
    enters: entries(world).length > 0,
    exit: exits(world)[0]?.device.id ?? null,
    delayed: delayedBy(world, rest),
    glass: doorDevices(world, 'breakGlass')[0]?.device.id ?? null,
    decider: decider?.device.id ?? null,
    hasFire: world.inhabitants.some(({ type }) => does(type, 'fireRelay', 'fireInput')),
    interlocked:
      interlock !== null &&
      decider !== null &&
      settingValue(decider.type, decider.device.settings, interlock.usedSetting) === 'on',
    lockdown:
      world.inhabitants.find(({ type }) => type.roles.lockdownContact !== undefined)?.device.id ??
      (world.inhabitants.some(heedsLockdown) ? SITE : null),
    senses: senses && alarms,
    relocksOnClose: senses && times?.relock === 'close',
    release: seconds * 1000,
    held: senses && alarms && times ? (times.held ?? 0) * 1000 || null : null,
    walk: walk(world.door.brief.slowWalkers),
    slowWalk: walk(true),
  };
}

function delayedBy(world: World, rest: SimState): Scene['delayed'] {
  const found = delaysOf(world, rest).find(({ act }) => does(act.at.type, 'delayedEgress'));
  return found ? { device: found.act.at.device.id, after: found.after } : null;
}

const freeMode = ({ type, device }: Placed, channel: number): Scene['passage'] =>
  (roleValue(type, device.settings, 'free', channel) as Scene['passage'] | undefined) ?? 'no';

const passbackRefuses = ({ type, device }: Placed, channel: number): boolean =>
  roleValue(type, device.settings, 'passback', channel) === 'refuses';

const speedOf = (slow: boolean): number => (slow ? WALKING_SPEED.slow : WALKING_SPEED.usual);
