import { channelsOf } from '../../devices/index';
import { channelReact } from '../decides/channel';
import type { Reacts } from '../answer';

/** A channel after those by which its device decides, if it does. */
export const timer: Reacts<'timer'> = ({ channel }, self, memory, signal) =>
  channelReact(self, channel, channelsOf(self.type).indexOf(channel), memory, signal);
