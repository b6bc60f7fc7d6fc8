import { BATTERY } from '../../simulate/index';
import { always, type DoorPromise } from './promise';

/** It locks again when nothing keeps it free any more. */
export const locksAgain: DoorPromise = {
  notAsked: always,
  isBroken: ({ moved, isHeld, lasts }, { after, ghost }) =>
    after.queue.every(({ device }) => device === BATTERY) &&
    !after.doorOpen &&
    !moved &&
    !isHeld(after) &&
    !lasts(after, ghost),
};
