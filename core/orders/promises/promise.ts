import type { DoorFacts, Happened, NotAsked } from './facts';

/** What must hold whatever happened, in whatever order. */
export interface DoorPromise {
  /** Why it says nothing of this door; null where it is asked for. */
  notAsked(facts: DoorFacts): NotAsked | null;
  /** True where a single event breaks it. */
  isBroken(facts: DoorFacts, happened: Happened): boolean;
}

/** A promise that every door is held to. */
export const always = (): null => null;
