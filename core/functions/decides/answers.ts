import { combine } from '../combine';
import type { Reacts } from '../answer';
import { NOTHING, type Reaction } from '../signal';
import { channelReact } from './channel';

/** Every channel answers; what one remembers the next one sees. */
export const decides: Reacts<'decides'> = ({ channels }, self, memory, signal) =>
  channels.reduce<Reaction>(
    (sum, channel, index) => combine(sum, channelReact(self, channel, index, sum.memory ?? memory, signal)),
    NOTHING,
  );
