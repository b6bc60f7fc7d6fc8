import type { DoorPromise } from './promise';

/** Nothing lets the lock go but who may: nobody without a right, from here or from another door, and nothing by itself. */
export const noCause: DoorPromise = {
  notAsked: ({ entries, switches, moved }) =>
    entries.length === 0 && switches.length === 0 && moved ? 'no-entry' : null,
  isBroken: ({ holdAt, isFreeToAll, isPressed }, { before, event, after }) =>
    holdAt(before) === 'held' &&
    holdAt(after) === 'free' &&
    !event.frees &&
    !isFreeToAll(after) &&
    !isPressed(before),
};
