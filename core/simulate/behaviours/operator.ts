import type { FunctionOf } from '../../devices/index';
import type { Memory } from '../simState';
import { settingMs, type Inhabitant } from '../world';
import { NOTHING, type Reaction, type Signal } from './behaviour';

/**
 * A door operator: lets the lock go, waits for it, opens the leaf, stays, closes, and only when the leaf is shut
 * lets the lock hold again. Asked again while the leaf is open, it stays for the whole time anew. A gate drive may be shut by an
 * input of its own, stopped, and turned round by what is in the way.
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
      const { input, reading, before } = signal;
      const closes = reading === 'closed' && before === 'open';
      const opens = reading === 'open' && before === 'closed';
      const open = memory['open'] === true;
      // A stop button cuts its loop: whatever moves stays, until somebody asks again.
      if (input === spec.stop && opens) return { cancel, memory: { ...memory, open: false } };
      if (input === spec.close && closes && open) return { cancel, timers: [{ name: 'close', after: 0 }] };
      // The leaf is on its way shut: it turns round, and stays for the whole time anew.
      if (input === spec.safety && opens && memory['closing'] === true)
        return { cancel, timers: [{ name: 'open', after: 0 }] };
      if (input !== spec.activate || !closes) return NOTHING;
      const timers = open
        ? [{ name: 'close', after: wait('stay') }]
        : [{ name: 'open', after: wait('delay') }];
      return { set: { [spec.relay]: true }, cancel, timers };
    }
    case 'timer':
      if (signal.name === 'open') {
        const timers = [{ name: 'close', after: wait('opening') + wait('stay') }];
        return { door: 'open', timers, memory: { ...memory, open: true, closing: false } };
      }
      if (signal.name === 'close') {
        return {
          door: 'close',
          timers: [{ name: 'hold', after: wait('opening') }],
          memory: { ...memory, open: false, closing: true },
        };
      }
      return signal.name === 'hold'
        ? { set: { [spec.relay]: false }, memory: { ...memory, closing: false } }
        : NOTHING;
    case 'power':
      return signal.on
        ? NOTHING
        : { set: { [spec.relay]: false }, cancel, memory: { ...memory, open: false, closing: false } };
    default:
      return NOTHING;
  }
}
