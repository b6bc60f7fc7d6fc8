import type { Words } from '../text';

export const fireNotLatched: Words = {
  title: () => 'The fire itself can undo the release',
  reason: (v) =>
    `${v['tag']} is not latched. If its cable burns through, ${v['wire'] || 'the lock loop'} is fed again and ${v['lock']} relocks.`,
  remedy: (v) => `Latch ${v['tag']}`,
};
