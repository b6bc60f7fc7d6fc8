import type { Words } from '../text';

export const loopReversed: Words = {
  title: (v) => `${v['tag']} is wired plus to minus`,
  reason: (v) => `The supply's plus lands on the minus of ${v['tag']}. Swap the two conductors at the lock.`,
};
