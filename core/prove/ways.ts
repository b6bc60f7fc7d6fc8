import { byWhoLeaves } from '../acts/index';
import { does } from '../devices/index';
import {
  activeHold,
  doorHold,
  leafByHand,
  leverOpens,
  lockStatuses,
  movedByOperatorOnly,
  player,
  type LockStatus,
  type Player,
  type SimState,
  type World,
} from '../simulate/index';
import type { Means } from './proof';
import { releaseFrom, type Release } from './stretch';

/** A circuit that does not come to rest proves nothing. */
export const isSound = ({ unstable, point }: SimState): boolean => !unstable && point.restless.length === 0;

/** True where a hand moves a leaf that no lock holds: by its drive, or because somebody says so. */
const byHand = (world: World): boolean =>
  leafByHand(world) === 'yields' || world.door.brief.mechanicalEgress === true;

/** True where whoever pushes gets through by the leaf that people use. */
export const givesWay = (
  world: World,
  state: SimState,
  locks: readonly LockStatus[] = lockStatuses(world, state.point),
): boolean => state.doorOpen || (movedByOperatorOnly(world) ? byHand(world) : activeHold(locks) === 'free');

/** True where anybody gets in by any leaf. */
export const standsOpen = (
  world: World,
  state: SimState,
  locks: readonly LockStatus[] = lockStatuses(world, state.point),
): boolean =>
  state.doorOpen ||
  (movedByOperatorOnly(world) ? leafByHand(world) === 'yields' : doorHold(locks) === 'free');

/** True where whoever is inside gets out by no act but the lever or a push: no button and no glass adds to that. */
export const leavesFreely = (world: World, state: SimState, locks?: readonly LockStatus[]): boolean =>
  (world.door.brief.mechanicalEgress !== false && leverOpens(world)) || givesWay(world, state, locks);

/** Whoever asks waits so long for a lock to let go, or for a drive to open, ms: what comes later is a delay, or comes of something else. */
const PATIENCE_MS = { lock: 999, drive: 11_000 };
export const patience = ({ inhabitants, door }: World): number =>
  PATIENCE_MS[
    inhabitants.some(({ device, type }) => device.door === door.id && does(type, 'operator'))
      ? 'drive'
      : 'lock'
  ];

/** A bump is not yet a push: the longest time after which one counts, ms. It is no part of the delay that a code speaks of. */
const NUISANCE_MS = 3000;

/** How an act lets somebody out: at once; when a delay is over that may be here, or that nobody has spoken of; or not. */
export function letsOut(world: World, release: Release | null): 'at-once' | 'delayed' | 'no' {
  if (release === null) return 'no';
  const { after, lasts } = release;
  if (after <= patience(world)) return 'at-once';
  const { delayedEgress } = world.door.brief;
  const may = typeof delayedEgress !== 'number' || after <= delayedEgress * 1000 + NUISANCE_MS;
  // Once a delay is over the door stays free until somebody resets it.
  return lasts === null && may && delayedEgress !== 0 ? 'delayed' : 'no';
}

/** Ways out that were tried from a state, and those that work. */
export interface Ways {
  readonly tried: readonly Means[];
  readonly works: readonly Means[];
  /** Some act lets go of the leaf while something in that circuit never comes to rest: it proves neither that it helps nor that it does not. */
  readonly unsound: boolean;
}

/** How much is tried: every way; none by an act where none is needed; or no more once one has worked. */
export type HowFar = 'all' | 'needed' | 'first';

/** The ways out that the door has, tried from here; an act counts where what it lets go stays so long enough for a person. */
export function waysFrom<T>(world: World, by: Player<T>, at: T, howFar: HowFar = 'all'): Ways {
  const state = by.state(at);
  const tried: Means[] = [];
  const works: Means[] = [];
  let unsound = false;
  const attempt = (means: Means, success: boolean) => {
    tried.push(means);
    if (success) works.push(means);
  };
  if (world.door.brief.mechanicalEgress !== false) attempt({ kind: 'lever' }, leverOpens(world));
  attempt({ kind: 'unlocked' }, givesWay(world, state));
  if (howFar !== 'all' && works.length > 0) return { tried, works, unsound };
  for (const { stimulus, purpose, at: asked } of byWhoLeaves(world)) {
    const then = by.act(at, stimulus);
    const release = releaseFrom(by, then, (next) => isSound(next) && givesWay(world, next));
    unsound ||= release === null && !isSound(by.state(then)) && givesWay(world, by.state(then));
    const { tag } = asked.device;
    const lets = letsOut(world, release);
    const late = release !== null && lets !== 'at-once';
    const kind = purpose === 'emergency' ? 'break-glass' : 'exit';
    attempt(late ? { kind: 'delayed', tag, after: release.after } : { kind, tag }, lets !== 'no');
    if (howFar === 'first' && works.length > 0) break;
  }
  return { tried, works, unsound };
}

/** The same in the simulation itself. */
export const waysOut = (world: World, state: SimState): Ways => waysFrom(world, player(world), state);
