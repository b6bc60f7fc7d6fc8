import { afterNext, type SimState, type World } from '../../simulate/index';
import { isSound, type DoorFacts } from './facts';
import { always, type DoorPromise } from './promise';

/** Longest that a delayed egress keeps somebody where nobody has said how long, and the time after which a push counts, ms. */
const UNSAID_MS = 60_000;
const NUISANCE_MS = 3000;

/** Whoever is inside gets out by one act. What breaks it is a state, not an event: see `isTrap`. */
export const wayOut: DoorPromise = { notAsked: always, isBroken: () => false };

/** True where nobody inside gets out of a state by one act: `ends` are the states after every act by which people leave. */
export const isTrap = (facts: DoorFacts, state: SimState, ends: readonly SimState[]): boolean => {
  const { lever, moved, isHeld, isFree, mayDelay, world } = facts;
  if (lever || moved || !isHeld(state)) return false;
  return !ends.some((end) => (isSound(end) && isFree(end)) || (mayDelay && freeLater(world, end, isFree)));
};

/** True where a delay that has begun ends with the door free. */
function freeLater(world: World, begun: SimState, isFree: (state: SimState) => boolean): boolean {
  const said = world.door.brief.delayedEgress;
  const longest = (typeof said === 'number' ? said * 1000 : UNSAID_MS) + NUISANCE_MS;
  for (let at = afterNext(world, begun); at !== null; at = afterNext(world, at)) {
    if (at.now - begun.now > longest) return false;
    if (isSound(at) && isFree(at)) return true;
  }
  return false;
}
