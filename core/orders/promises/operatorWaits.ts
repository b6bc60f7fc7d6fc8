import type { DoorPromise } from './promise';

/** The operator never pushes against the lock. */
export const operatorWaits: DoorPromise = {
  notAsked: ({ operated }) => (operated ? null : 'no-operator'),
  isBroken: ({ operated }, { event, effects }) =>
    operated && event.stimulus?.kind !== 'openDoor' && effects.some(({ kind }) => kind === 'door-refused'),
};
