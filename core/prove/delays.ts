import { byWhoLeaves, type Act } from '../acts/index';
import { does } from '../devices/index';
import { player, type SimState, type World } from '../simulate/index';
import { releaseFrom } from './stretch';
import { givesWay, isSound, patience } from './ways';

/** A push that is answered late. */
export interface Delay {
  readonly act: Act;
  /** Until the door lets go, ms. */
  readonly after: number;
}

/** Every way out of a door at rest, where something delays it, that lets nobody out at once, and for good when its time is over. */
export function delaysOf(world: World, rest: SimState): Delay[] {
  if (!world.inhabitants.some(({ type }) => does(type, 'delayedEgress'))) return [];
  const by = player(world);
  const isFree = (state: SimState) => isSound(state) && givesWay(world, state);
  return byWhoLeaves(world).flatMap((act): Delay[] => {
    const release = act.purpose === 'leave' ? releaseFrom(by, by.act(rest, act.stimulus), isFree) : null;
    const isLate = release !== null && release.lasts === null && release.after > patience(world);
    return isLate ? [{ act, after: release.after }] : [];
  });
}
