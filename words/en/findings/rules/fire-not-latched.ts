import type { Words } from '../text';

export const fireNotLatched: Words = {
  title: () => 'Fire release can be undone by the fire',
  reason: (v) =>
    `${v['tag']} is not latched. If its pair burns through, ${v['wire'] || 'the lock loop'} is fed again and ${v['lock']} re-locks.`,
  remedy: (v) => `Latch ${v['tag']}`,
};
