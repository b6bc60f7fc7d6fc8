import type { FunctionOf } from '../../devices/index';
import type { Memory } from '../simState';
import { settingMs, type Inhabitant } from '../world';
import { NOTHING, type Reaction, type Signal } from './behaviour';

/**
 * A door operator: lets the lock go, waits for it, opens the leaf, stays, closes, and only when the leaf is shut
 * lets the lock hold again. Asked again while the leaf is open, it stays for the whole time anew.
 */
export function operate(
  spec: FunctionOf<'operator'>,
  self: Inhabitant,
  memory: Memory,
  signal: Signal,
): Reaction {
  const wait = (role: 'delay' | 'opening' | 'stay') => settingMs(self, role, 1);
  const cancel = ['open', 'close', 'hold'];
  switch (signal.kind) {
    case 'input': {
      const asked = signal.input === spec.activate && signal.reading === 'closed' && signal.before === 'open';
      if (!asked) return NOTHING;
      const open = memory['open'] === true;
      const timers = open
        ? [{ name: 'close', after: wait('stay') }]
        : [{ name: 'open', after: wait('delay') }];
      return { set: { [spec.relay]: true }, cancel, timers };
    }
    case 'timer':
      if (signal.name === 'open') {
        const timers = [{ name: 'close', after: wait('opening') + wait('stay') }];
        return { door: 'open', timers, memory: { ...memory, open: true } };
      }
      if (signal.name === 'close') {
        return {
          door: 'close',
          timers: [{ name: 'hold', after: wait('opening') }],
          memory: { ...memory, open: false },
        };
      }
      return signal.name === 'hold' ? { set: { [spec.relay]: false } } : NOTHING;
    case 'power':
      return signal.on
        ? NOTHING
        : { set: { [spec.relay]: false }, cancel, memory: { ...memory, open: false } };
    default:
      return NOTHING;
  }
}
