import type { Words } from '../text';

export const loopReversed: Words = {
  title: (v) => `${v['tag']} has positive and negative swapped`,
  reason: (v) =>
    `The supply’s positive lands on the negative of ${v['tag']}. Swap the two conductors at the lock.`,
};
