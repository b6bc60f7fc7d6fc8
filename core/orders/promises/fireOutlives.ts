import type { DoorPromise } from './promise';

/** What a fire has released stays so until somebody resets it, whatever the power does. */
export const fireOutlives: DoorPromise = {
  notAsked: ({ asksFire }) => (asksFire ? null : 'no-fire'),
  isBroken: ({ asksFire, isFree }, { after, ghost }) => asksFire && ghost === 1 && !isFree(after),
};
