import { channelsOf } from '../../devices/index';
import { recall } from '../../functions/index';
import type { SimState, World } from '../../simulate/index';
import type { DoorPromise } from './promise';

/** Torn open, it raises an alarm. */
export const alarm: DoorPromise = {
  notAsked: ({ senses }) => (senses ? null : 'no-contact'),
  isBroken: ({ world, senses, isHeld, lasts }, { before, event, after, ghost }) => {
    const torn = event.id.startsWith('open:force') && isHeld(before) && after.doorOpen;
    return senses && torn && !lasts(before, ghost) && !wanted(world, before) && !after.alarms.has('forced');
  },
};

/** True where an opening was asked for: what is torn open then is no surprise. */
const wanted = ({ inhabitants }: World, { memory }: SimState): boolean =>
  inhabitants.some(({ device, type }) =>
    channelsOf(type).some((_, channel) =>
      (['wanted', 'released'] as const).some((what) => recall(memory[device.id], channel, what) === true),
    ),
  );
