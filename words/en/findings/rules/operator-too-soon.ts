import type { Words } from '../text';

export const operatorTooSoon: Words = {
  title: (v) => `${v['tag']} opens before the lock can release`,
  reason: (v) => `It waits ${v['measured']} s. A latch under pressure does not come free: allow one second.`,
  remedy: () => 'Set one second',
};
