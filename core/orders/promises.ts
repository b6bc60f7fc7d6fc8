import type { OperatingPoint } from '../circuit/index';
import { does, functionOf, functionsOf, roleValue } from '../devices/index';
import { doorDevices, entries } from '../door/index';
import { statesThat } from '../functions/index';
import { fireReleases, provenFor } from '../prove/index';
import {
  afterNext,
  BATTERY,
  doorHold,
  holdOf,
  keepsFreePassage,
  lockStatuses,
  leverOpens,
  movedByOperatorOnly,
  neighboursOf,
  type Effect,
  type SimState,
  type World,
} from '../simulate/index';
import type { OrderEvent } from './events';

/** What must hold whatever happened, in whatever order. */
export const PROMISES = [
  'way-out',
  'no-cause',
  'locks-again',
  'alarm',
  'fire-outlives',
  'glass-outlives',
  'operator-waits',
  'one-at-a-time',
] as const;
export type PromiseId = (typeof PROMISES)[number];

/** What is remembered of the events beside the door's own state: a fire that nobody has reset yet. */
export type Ghost = 0 | 1;
export const NO_FIRE: Ghost = 0;
export const ghostAfter = (ghost: Ghost, { id }: OrderEvent): Ghost =>
  id === 'fire' ? 1 : id === 'fire-reset' ? 0 : ghost;

/** One thing that happened. */
export interface Happened {
  readonly before: SimState;
  readonly event: OrderEvent;
  readonly after: SimState;
  readonly effects: readonly Effect[];
  /** After it. */
  readonly ghost: Ghost;
}

type Hold = 'held' | 'weak' | 'free';

/** Why a promise says nothing of a door. */
export type NotAsked = 'no-contact' | 'no-fire' | 'no-glass' | 'no-operator' | 'no-entry' | 'no-partner';

/** The promises that a door is held to. */
export interface Watched {
  /** A promise that is not here is asked for. */
  readonly notAsked: ReadonlyMap<PromiseId, NotAsked>;
  /** Whether the lock lets go, or the leaf stands open. */
  isFree(state: SimState): boolean;
  /** Promises that a single event breaks. */
  brokenBy(happened: Happened): PromiseId[];
  /** True where nobody inside gets out of a state by one act: `ends` are the states after every act by which people leave. */
  isTrap(state: SimState, ends: readonly SimState[]): boolean;
}

/** What the devices of a door would have to say, for all promises: looked up once. */
export function watched(world: World): Watched {
  const isRelease = provenFor(world) === 'fail-safe';
  const asksFire = isRelease && fireReleases(world).length > 0;
  const glasses = doorDevices(world, 'breakGlass').map(
    ({ device, type }) => `${device.id}:${functionOf(type, 'breakGlass')?.state ?? ''}`,
  );
  const switches = world.inhabitants.flatMap(({ device, type }) =>
    functionsOf(type, 'switch').map(({ state }) => `${device.id}:${state}`),
  );
  const egress = doorDevices(world, 'delayedEgress');
  const letGo = egress.flatMap(({ device, type }) =>
    functionsOf(type, 'delayedEgress').map(({ state }) => `${device.id}:${state}`),
  );
  const mayDelay = egress.length > 0 && world.door.brief.delayedEgress !== 0;
  const senses = doorDevices(world, 'doorContact').length > 0;
  const operated = world.inhabitants.some(({ type }) => does(type, 'operator'));
  const moved = movedByOperatorOnly(world);
  const lever = world.door.brief.mechanicalEgress !== false && leverOpens(world);
  const notAsked: [PromiseId, NotAsked][] = [];
  const others = neighboursOf(world);
  const allGlasses = world.inhabitants.flatMap(({ device, type }) =>
    functionsOf(type, 'breakGlass').map(({ state }) => `${device.id}:${state}`),
  );
  if (!senses) notAsked.push(['alarm', 'no-contact']);
  if (!asksFire) notAsked.push(['fire-outlives', 'no-fire']);
  if (!isRelease || glasses.length === 0) notAsked.push(['glass-outlives', 'no-glass']);
  if (!operated) notAsked.push(['operator-waits', 'no-operator']);
  if (entries(world).length === 0 && switches.length === 0 && moved) notAsked.push(['no-cause', 'no-entry']);
  if (!others.interlocked) notAsked.push(['one-at-a-time', 'no-partner']);
  const holds = new WeakMap<OperatingPoint, Hold>();
  /** A lock of a second leaf keeps nobody from going through the first. */
  const leaves = world.locks.some(({ device }) => device.leaf === 2);
  const doorHoldAt = (point: OperatingPoint): Hold => {
    const hold = doorHold(lockStatuses(world, point));
    return hold === 'no-lock' ? 'free' : hold;
  };
  const holdAt = ({ point }: SimState): Hold => {
    let hold = holds.get(point);
    if (hold === undefined) {
      const letters = leaves ? '' : holdOf(world, point);
      hold = leaves
        ? doorHoldAt(point)
        : letters.includes('h')
          ? 'held'
          : letters.includes('w')
            ? 'weak'
            : 'free';
      holds.set(point, hold);
    }
    return hold;
  };
  const isFree = (state: SimState): boolean => state.doorOpen || holdAt(state) === 'free';
  const isHeld = (state: SimState): boolean => !state.doorOpen && holdAt(state) === 'held';
  const pressed = world.inhabitants.flatMap(({ device, type }) =>
    device.place === 'outside'
      ? []
      : [...statesThat(type, 'hand'), ...functionsOf(type, 'delayedEgress').map(({ alarm }) => alarm)].map(
          (state) => `${device.id}:${state}`,
        ),
  );
  const isExit = ({ stimulus }: OrderEvent): boolean =>
    stimulus?.kind === 'press' && world.byId.get(stimulus.device)?.type.family === 'exit';
  /** Somebody has a finger on what lets the door go. */
  const isPressed = ({ states }: SimState): boolean => pressed.some((key) => states.has(key));
  /** Unlocked for everybody by the clock: that is a cause, and it lasts. */
  const keeps = world.inhabitants.some(keepsFreePassage);
  const isFreeToAll = ({ hours }: SimState): boolean => keeps && hours;
  const lasts = (state: SimState, ghost: Ghost): boolean =>
    ghost === 1 ||
    isFreeToAll(state) ||
    state.hung.size > 0 ||
    !state.network ||
    [...state.feeds.values()].some(({ kind }) => kind !== 'mains') ||
    [...glasses, ...switches, ...letGo].some((key) => state.states.has(key)) ||
    toggled(world, state);
  return {
    notAsked: new Map(notAsked),
    isFree,
    isTrap: (state, ends) =>
      !lever &&
      !moved &&
      isHeld(state) &&
      !ends.some((end) => (isSound(end) && isFree(end)) || (mayDelay && freeLater(world, end, isFree))),
    brokenBy({ before, event, after, effects, ghost }) {
      const broken: PromiseId[] = [];
      const freed = holdAt(before) === 'held' && holdAt(after) === 'free';
      if (
        freed &&
        !event.frees &&
        !isFreeToAll(after) &&
        !isPressed(before) &&
        !notAsked.some(([id]) => id === 'no-cause')
      )
        broken.push('no-cause');
      const quiet = after.queue.every(({ device }) => device === BATTERY);
      if (quiet && !after.doorOpen && !moved && !isHeld(after) && !lasts(after, ghost))
        broken.push('locks-again');
      const torn = event.id.startsWith('open:force') && isHeld(before) && after.doorOpen;
      if (senses && torn && !lasts(before, ghost) && !wanted(before) && !after.alarms.has('forced'))
        broken.push('alarm');
      if (asksFire && ghost === 1 && !isFree(after)) broken.push('fire-outlives');
      if (isRelease && glasses.some((key) => after.states.has(key)) && !isFree(after))
        broken.push('glass-outlives');
      // A glass, a fire or a loss of power lets both go; whoever tears a door open asked nobody.
      const own = freed && (others.isOpen(before) || others.isFree(before));
      const other = !others.isFree(before) && others.isFree(after) && (before.doorOpen || isFree(before));
      const both = freed && !others.isFree(before) && others.isFree(after);
      const leaves = others.exitsPass && isExit(event);
      const excused = leaves || lasts(after, ghost) || allGlasses.some((key) => after.states.has(key));
      if (others.interlocked && (own || other || both) && !excused) broken.push('one-at-a-time');
      const pushed = event.stimulus?.kind === 'openDoor';
      if (operated && !pushed && effects.some(({ kind }) => kind === 'door-refused'))
        broken.push('operator-waits');
      return broken;
    },
  };
}

/** Longest that a delayed egress keeps somebody, ms, with the time after which a push counts. */
const LONGEST_DELAY_MS = 64_000;

/** True where a delay that has begun ends with the door free. */
function freeLater(world: World, begun: SimState, isFree: (state: SimState) => boolean): boolean {
  for (let at = afterNext(world, begun); at !== null; at = afterNext(world, at)) {
    if (at.now - begun.now > LONGEST_DELAY_MS) return false;
    if (isSound(at) && isFree(at)) return true;
  }
  return false;
}

/** A circuit that never comes to rest proves nothing. */
const isSound = ({ unstable, point }: SimState): boolean => !unstable && point.restless.length === 0;

/** True where an opening was asked for: what is torn open then is no surprise. */
const wanted = ({ memory }: SimState): boolean =>
  Object.values(memory).some((of) =>
    Object.entries(of).some(
      ([key, on]) => on === true && (key.endsWith('.wanted') || key.endsWith('.released')),
    ),
  );

/** A code that changes over holds a door open until the next one: a cause that is still in force. */
const toggled = (world: World, { memory }: SimState): boolean =>
  world.inhabitants.some(({ device, type }) =>
    Object.entries(memory[device.id] ?? {}).some(
      ([key, on]) =>
        on === true &&
        key.endsWith('.released') &&
        roleValue(type, device.settings, 'mode', Number(key.slice(1, key.indexOf('.')))) === 'toggle',
    ),
  );
