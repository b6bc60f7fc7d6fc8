import type { OperatingPoint } from '../../circuit/index';
import { channelsOf, does, functionOf, functionsOf, roleValue } from '../../devices/index';
import { doorDevices, entries } from '../../door/index';
import { recall, statesThat, type Inhabitant } from '../../functions/index';
import { fireReleases, provenFor } from '../../prove/index';
import {
  doorHold,
  holdOf,
  keepsFreePassage,
  leverOpens,
  lockStatuses,
  movedByOperatorOnly,
  neighboursOf,
  type Effect,
  type Neighbours,
  type SimState,
  type World,
} from '../../simulate/index';
import type { OrderEvent } from '../events';

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

/** Why a promise says nothing of a door. */
export type NotAsked = 'no-contact' | 'no-fire' | 'no-glass' | 'no-operator' | 'no-entry' | 'no-partner';

type Hold = 'held' | 'weak' | 'free';

/** What all promises ask of a door: looked up once. */
export interface DoorFacts {
  readonly world: World;
  /** It opens when it is dead. */
  readonly isRelease: boolean;
  readonly asksFire: boolean;
  readonly senses: boolean;
  readonly operated: boolean;
  /** An operator alone moves the leaf: no lock holds it. */
  readonly moved: boolean;
  /** A lever opens it from inside whatever the power does. */
  readonly lever: boolean;
  readonly mayDelay: boolean;
  readonly entries: readonly Inhabitant[];
  /** States of this door's glasses, of every glass of the circuit, and of every switch. */
  readonly glasses: readonly string[];
  readonly allGlasses: readonly string[];
  readonly switches: readonly string[];
  readonly others: Neighbours;
  holdAt(state: SimState): Hold;
  isFree(state: SimState): boolean;
  isHeld(state: SimState): boolean;
  /** Somebody has a hand on what lets the door go, or a delay has begun. */
  isPressed(state: SimState): boolean;
  /** Unlocked for everybody by the clock: that is a cause, and it lasts. */
  isFreeToAll(state: SimState): boolean;
  /** Something keeps the door free, or whatever decides from deciding, until somebody or something ends it. */
  lasts(state: SimState, ghost: Ghost): boolean;
}

const statesOf = (
  of: readonly Inhabitant[],
  states: (one: Inhabitant['type']) => readonly string[],
): string[] => of.flatMap(({ device, type }) => states(type).map((state) => `${device.id}:${state}`));

export function factsOf(world: World): DoorFacts {
  const { inhabitants, door } = world;
  const isRelease = provenFor(world) === 'fail-safe';
  const glasses = statesOf(doorDevices(world, 'breakGlass'), (type) => [
    functionOf(type, 'breakGlass')?.state ?? '',
  ]);
  const switches = statesOf(inhabitants, (type) => statesThat(type, 'left'));
  const delays = (type: Inhabitant['type']) => functionsOf(type, 'delayedEgress');
  const letGo = statesOf(doorDevices(world, 'delayedEgress'), (type) =>
    delays(type).map(({ state }) => state),
  );
  const holds = new WeakMap<OperatingPoint, Hold>();
  /** A lock of a second leaf keeps nobody from going through the first. */
  const leaves = world.locks.some(({ device }) => device.leaf === 2);
  const readHold = (point: OperatingPoint): Hold => {
    if (leaves) {
      const hold = doorHold(lockStatuses(world, point));
      return hold === 'no-lock' ? 'free' : hold;
    }
    const letters = holdOf(world, point);
    return letters.includes('h') ? 'held' : letters.includes('w') ? 'weak' : 'free';
  };
  const holdAt = ({ point }: SimState): Hold => {
    let hold = holds.get(point);
    if (hold === undefined) holds.set(point, (hold = readHold(point)));
    return hold;
  };
  const pressed = statesOf(
    inhabitants.filter(({ device }) => device.place !== 'outside'),
    (type) => [...statesThat(type, 'hand'), ...delays(type).map(({ alarm }) => alarm)],
  );
  const keeps = inhabitants.some(keepsFreePassage);
  const isFreeToAll = ({ hours }: SimState): boolean => keeps && hours;
  return {
    world,
    isRelease,
    asksFire: isRelease && fireReleases(world).length > 0,
    senses: doorDevices(world, 'doorContact').length > 0,
    operated: inhabitants.some(({ type }) => does(type, 'operator')),
    moved: movedByOperatorOnly(world),
    lever: door.brief.mechanicalEgress !== false && leverOpens(world),
    mayDelay: letGo.length > 0 && door.brief.delayedEgress !== 0,
    entries: entries(world),
    glasses,
    allGlasses: statesOf(inhabitants, (type) => statesThat(type, 'glass')),
    switches,
    others: neighboursOf(world),
    holdAt,
    isFree: (state) => state.doorOpen || holdAt(state) === 'free',
    isHeld: (state) => !state.doorOpen && holdAt(state) === 'held',
    isPressed: ({ states }) => pressed.some((key) => states.has(key)),
    isFreeToAll,
    lasts: (state, ghost) =>
      ghost === 1 ||
      isFreeToAll(state) ||
      state.hung.size > 0 ||
      !state.network ||
      [...state.feeds.values()].some(({ kind }) => kind !== 'mains') ||
      [...glasses, ...switches, ...letGo].some((key) => state.states.has(key)) ||
      toggled(world, state),
  };
}

/** A circuit that never comes to rest proves nothing. */
export const isSound = ({ unstable, point }: SimState): boolean => !unstable && point.restless.length === 0;

/** A code that changes over holds a door open until the next one: a cause that is still in force. */
const toggled = (world: World, { memory }: SimState): boolean =>
  world.inhabitants.some(({ device, type }) =>
    channelsOf(type).some(
      (_, channel) =>
        recall(memory[device.id], channel, 'released') === true &&
        roleValue(type, device.settings, 'mode', channel) === 'toggle',
    ),
  );
