import { channelsOf, does, roleValue, type Channel } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { combine } from '../combine';
import type { Memory, Reaction } from '../signal';
import { channelTimer, ofChannel, recall, remember, type Free } from '../decides/channelMemory';
import { lockedDown, refuses } from '../decides/refuses';

/**
 * Hours at which a door stands unlocked for everybody, as the device that decides keeps them by its own clock: it opens by the clock;
 * or it waits for the first person in, and stays locked on a day on which nobody comes. A lockdown ends it for as long as it lasts.
 */

export const freeOf = (memory: Memory, channel: number): Free | null =>
  recall(memory, channel, 'free') || null;

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
    return { memory: remember(memory, index, { free: 'paused' }) };
  return {
    set: { [channel.relay]: true },
    cancel: [channelTimer(index, 'relock')],
    memory: remember(memory, index, { free: 'open', released: true }),
  };
}

/** What a lockdown, or an order to lock at once, makes of free passage: by the clock it waits for the end, else for somebody to come. */
export const pausedFree = (self: Inhabitant, memory: Memory): Memory =>
  Object.assign(
    {},
    ...channelsOf(self.type).map((_, index) =>
      freeOf(memory, index) === 'open'
        ? ofChannel(index, { free: mode(self, index) === 'clock' ? 'paused' : 'waits' })
        : {},
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
