import { channelsOf, settingValue, type FunctionOf } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { NOTHING, type Reaction, type Signal, type Memory } from '../signal';
import { channelTimer, ofChannel, recall, remember } from '../decides/channelMemory';

/** Remembers which doors stand open, and for how long the room still waits after one has shut. See `refuses` for what follows. */
export function interlock(
  { clearSetting }: FunctionOf<'interlock'>,
  { type, device }: Inhabitant,
  memory: Memory,
  signal: Signal,
): Reaction {
  const channels = channelsOf(type);
  if (signal.kind === 'power')
    return signal.on
      ? NOTHING
      : {
          cancel: channels.map((_, index) => channelTimer(index, 'clear')),
          memory: {
            ...memory,
            ...Object.assign(
              {},
              ...channels.map((_, index) => ofChannel(index, { open: false, clearing: false })),
            ),
          },
        };
  if (signal.kind === 'timer') {
    const over = channels.findIndex((_, index) => signal.name === channelTimer(index, 'clear'));
    return over < 0 ? NOTHING : { memory: remember(memory, over, { clearing: false }) };
  }
  if (signal.kind !== 'input' || signal.reading === 'dead') return NOTHING;
  const index = channels.findIndex(({ contactInput }) => contactInput === signal.input);
  if (index < 0) return NOTHING;
  const open = signal.reading !== 'closed';
  const seconds = clearSetting === undefined ? 0 : Number(settingValue(type, device.settings, clearSetting));
  const waits = !open && recall(memory, index, 'open') === true && seconds > 0;
  return {
    cancel: [channelTimer(index, 'clear')],
    timers: waits ? [{ name: channelTimer(index, 'clear'), after: seconds * 1000 }] : [],
    memory: remember(memory, index, { open, clearing: waits }),
  };
}
