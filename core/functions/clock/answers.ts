import { channelsOf, type Channel, type FunctionOf } from '../../devices/index';
import { combine } from '../combine';
import { ofChannel, remember } from '../decides/channelMemory';
import { isFire } from '../decides/refuses';
import type { Inhabitant } from '../inhabitant';
import { offline } from '../link/offline';
import { NOTHING, type Memory, type Reaction, type Signal } from '../signal';
import { freeOf, mode, openFree } from './freePassage';

/** The clock of a device: hours that begin and end, and a board that stops. */
export function clock(
  _spec: FunctionOf<'clock'>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
): Reaction {
  if (signal.kind === 'power' && !signal.on) return { memory: { ...memory, ...none(self, memory) } };
  if (signal.kind !== 'hours' || offline(self, memory) === 'nothing') return NOTHING;
  let sum: Reaction = NOTHING;
  channelsOf(self.type).forEach((channel, index) => {
    const begins = mode(self, index);
    const now = sum.memory ?? memory;
    if (begins === 'no' || (freeOf(now, index) !== null) === signal.on) return;
    sum = combine(sum, signal.on ? begin(self, channel, index, now, begins) : end(self, channel, index, now));
  });
  return sum;
}

const begin = (
  self: Inhabitant,
  channel: Channel,
  index: number,
  memory: Memory,
  begins: 'clock' | 'first-in',
): Reaction =>
  begins === 'clock'
    ? openFree(self, channel, index, memory)
    : { memory: remember(memory, index, { free: 'waits' }) };

function end(self: Inhabitant, channel: Channel, index: number, memory: Memory): Reaction {
  const over = remember(memory, index, { free: false });
  // A fire holds it open, and a card that came while it waited has its own time.
  if (freeOf(memory, index) !== 'open' || isFire(self, memory)) return { memory: over };
  return {
    set: { [channel.relay]: false },
    memory: remember(over, index, { released: false }),
  };
}

const none = (self: Inhabitant, memory: Memory): Memory =>
  Object.assign(
    {},
    ...channelsOf(self.type).map((_, index) =>
      freeOf(memory, index) === null ? {} : ofChannel(index, { free: false }),
    ),
  );
