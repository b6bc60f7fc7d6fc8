import type { Words } from '../text';

export const operatorTooSoon: Words = {
  title: (v) => `${v['tag']} opens before the lock can let go`,
  reason: (v) =>
    `It waits ${v['measured']} s. A latch under pressure does not come free: give it one second.`,
  remedy: () => 'Wait one second',
};
