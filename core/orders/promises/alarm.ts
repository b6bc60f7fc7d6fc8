import type { SimState } from '../../simulate/index';
import type { DoorPromise } from './promise';

/** Torn open, it raises an alarm. */
export const alarm: DoorPromise = {
  notAsked: ({ senses }) => (senses ? null : 'no-contact'),
  isBroken: ({ senses, isHeld, lasts }, { before, event, after, ghost }) => {
    const torn = event.id.startsWith('open:force') && isHeld(before) && after.doorOpen;
    return senses && torn && !lasts(before, ghost) && !wanted(before) && !after.alarms.has('forced');
  },
};

/** True where an opening was asked for: what is torn open then is no surprise. */
const wanted = ({ memory }: SimState): boolean =>
  Object.values(memory).some((of) =>
    Object.entries(of).some(
      ([key, on]) => on === true && (key.endsWith('.wanted') || key.endsWith('.released')),
    ),
  );
