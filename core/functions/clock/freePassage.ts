import { channelsOf, does, roleValue, type Channel } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { combine } from '../combine';
import type { Memory, Reaction } from '../signal';
import { keyOf, lockedDown, refuses } from '../decides/refuses';

/**
 * Hours at which a door stands unlocked for everybody, as the device that decides keeps them by its own clock: it opens by the clock;
 * or it waits for the first person in, and stays locked on a day on which nobody comes. A lockdown ends it for as long as it lasts.
 */

/** What a channel remembers while its hours are on. */
export type Free =
  /** Unlocked. */
  | 'open'
  /** Locked until somebody comes. */
  | 'waits'
  /** Locked by a lockdown, or by the other door of an interlock. */
  | 'paused';

export const freeBy = (channel: number): string => `${keyOf(channel)}.free`;

export const freeOf = (memory: Memory, channel: number): Free | null =>
  (memory[freeBy(channel)] as Free | false | undefined) || null;

/** How a channel begins its free passage: `no` where it keeps none. */
export const mode = ({ type, device }: Inhabitant, channel: number): 'no' | 'clock' | 'first-in' =>
  (does(type, 'clock')
    ? (roleValue(type, device.settings, 'free', channel) as 'clock' | 'first-in' | undefined)
    : undefined) ?? 'no';

export const keepsFreePassage = (self: Inhabitant): boolean =>
  channelsOf(self.type).some((_, index) => mode(self, index) !== 'no');

/** Unlocks a channel until its hours are over, unless something keeps it shut. */
export function openFree(self: Inhabitant, channel: Channel, index: number, memory: Memory): Reaction {
  if (lockedDown(self, memory) || refuses(self, memory, index, 'exit'))
    return { memory: { ...memory, [freeBy(index)]: 'paused' } };
  return {
    set: { [channel.relay]: true },
    cancel: [`${keyOf(index)}.relock`],
    memory: { ...memory, [freeBy(index)]: 'open', [`${keyOf(index)}.released`]: true },
  };
}

/** What a lockdown, or an order to lock at once, makes of free passage: by the clock it waits for the end, else for somebody to come. */
export const pausedFree = (self: Inhabitant, memory: Memory): Memory =>
  Object.fromEntries(
    channelsOf(self.type).flatMap((_, index) =>
      freeOf(memory, index) === 'open'
        ? [[freeBy(index), mode(self, index) === 'clock' ? 'paused' : 'waits']]
        : [],
    ),
  );

/** A lockdown is over: what waited for that is unlocked again. */
export function resumeFree(self: Inhabitant, memory: Memory): Reaction {
  let sum: Reaction = { memory };
  if (lockedDown(self, memory)) return sum;
  channelsOf(self.type).forEach((channel, index) => {
    if (freeOf(memory, index) === 'paused')
      sum = combine(sum, openFree(self, channel, index, sum.memory ?? memory));
  });
  return sum;
}
