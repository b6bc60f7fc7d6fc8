import { findIn } from '../plan';
import { describe } from './kind';

export const MEMORIES = describe('memories', {
  list: 'keypads',
  as: 'memory',
  word: 'keypad memory',
  key: 'device',
  verbs: { put: 'setMemory' },
  fixed: ['device'],
  most: 20_000,
  refs: [{ to: 'devices', of: ({ device }) => [{ id: device, at: 'device' }], onGone: 'goes' }],
  secrets: 'all',
  doors: ({ device }, plan) => {
    const door = findIn(plan.devices, device)?.door ?? null;
    return door === null ? [] : [door];
  },
  everywhere: (plan, { device }) => findIn(plan.devices, device)?.door === null,
});
