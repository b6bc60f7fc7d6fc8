import { channelsOf, settingValue, type FunctionOf } from '../../devices/index';
import type { Inhabitant } from '../inhabitant';
import { NOTHING, type Reaction, type Signal, type Memory } from '../signal';
import { keyOf } from '../decides/refuses';

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
          cancel: channels.map((_, index) => `${keyOf(index)}.clear`),
          memory: {
            ...memory,
            ...Object.fromEntries(
              channels.flatMap((_, index) => [
                [`${keyOf(index)}.open`, false],
                [`${keyOf(index)}.clearing`, false],
              ]),
            ),
          },
        };
  if (signal.kind === 'timer') {
    const over = channels.findIndex((_, index) => signal.name === `${keyOf(index)}.clear`);
    return over < 0 ? NOTHING : { memory: { ...memory, [`${keyOf(over)}.clearing`]: false } };
  }
  if (signal.kind !== 'input' || signal.reading === 'dead') return NOTHING;
  const index = channels.findIndex(({ contactInput }) => contactInput === signal.input);
  if (index < 0) return NOTHING;
  const key = keyOf(index);
  const open = signal.reading !== 'closed';
  const seconds = clearSetting === undefined ? 0 : Number(settingValue(type, device.settings, clearSetting));
  const waits = !open && memory[`${key}.open`] === true && seconds > 0;
  return {
    cancel: [`${key}.clear`],
    timers: waits ? [{ name: `${key}.clear`, after: seconds * 1000 }] : [],
    memory: { ...memory, [`${key}.open`]: open, [`${key}.clearing`]: waits },
  };
}
