import type { SimState, World } from '../../simulate/index';
import { alarm } from './alarm';
import { factsOf, type Happened, type NotAsked } from './facts';
import { fireOutlives } from './fireOutlives';
import { glassOutlives } from './glassOutlives';
import { letsIn } from './letsIn';
import { locksAgain } from './locksAgain';
import { noCause } from './noCause';
import { oneAtATime } from './oneAtATime';
import { operatorWaits } from './operatorWaits';
import type { DoorPromise } from './promise';
import { isTrap, wayOut } from './wayOut';

export { ghostAfter, NO_FIRE, type Ghost, type Happened, type NotAsked } from './facts';

/** Every promise, in the order in which they are told. */
const PROMISED = {
  'way-out': wayOut,
  'no-cause': noCause,
  'lets-in': letsIn,
  'locks-again': locksAgain,
  alarm,
  'fire-outlives': fireOutlives,
  'glass-outlives': glassOutlives,
  'operator-waits': operatorWaits,
  'one-at-a-time': oneAtATime,
} as const satisfies Readonly<Record<string, DoorPromise>>;

export type PromiseId = keyof typeof PROMISED;
export const PROMISES = Object.keys(PROMISED) as readonly PromiseId[];

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

export function watched(world: World): Watched {
  const facts = factsOf(world);
  const notAsked = new Map(
    PROMISES.flatMap((id) => {
      const why = PROMISED[id].notAsked(facts);
      return why === null ? [] : [[id, why] as const];
    }),
  );
  const asked = PROMISES.filter((id) => !notAsked.has(id));
  return {
    notAsked,
    isFree: facts.isFree,
    brokenBy: (happened) => asked.filter((id) => PROMISED[id].isBroken(facts, happened)),
    isTrap: (state, ends) => isTrap(facts, state, ends),
  };
}
