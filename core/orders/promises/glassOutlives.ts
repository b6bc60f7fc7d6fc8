import type { DoorPromise } from './promise';

/** What a break glass has released stays so until somebody resets it, whatever the power does. */
export const glassOutlives: DoorPromise = {
  notAsked: ({ isRelease, glasses }) => (isRelease && glasses.length > 0 ? null : 'no-glass'),
  isBroken: ({ isRelease, glasses, isFree }, { after }) =>
    isRelease && glasses.some((key) => after.states.has(key)) && !isFree(after),
};
