import { channelsOf } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import type { Reaction, Memory } from '../signal';
import { pausedFree } from '../clock/freePassage';
import { channelTimer, ofChannel } from './channelMemory';

/** Every door of the device holds again, also one that a code holds open. Whoever leaves asks anew, and is let out. */
export function lockAtOnce(self: Inhabitant, memory: Memory): Reaction {
  const channels = channelsOf(self.type);
  return {
    set: Object.fromEntries(channels.map(({ relay }) => [relay, false])),
    cancel: channels.map((_, index) => channelTimer(index, 'relock')),
    memory: {
      ...memory,
      ...pausedFree(self, memory),
      ...Object.assign({}, ...channels.map((_, index) => ofChannel(index, { released: false }))),
    },
  };
}

/** Every door of the device is released, and stays so: nothing that was to lock it again comes to that. */
export function releaseAll(self: Inhabitant, memory: Memory): Reaction {
  const channels = channelsOf(self.type);
  return {
    set: Object.fromEntries(channels.map(({ relay }) => [relay, true])),
    cancel: channels.map((_, index) => channelTimer(index, 'relock')),
    memory: {
      ...memory,
      ...Object.assign({}, ...channels.map((_, index) => ofChannel(index, { released: true }))),
    },
  };
}
