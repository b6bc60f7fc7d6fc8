import type { Words } from '../text';

export const slotMissing: Words = {
  title: (v) => `No slot for ${v['names']}`,
  reason: () => 'Without a slot the code cannot be keyed in, or removed again.',
  remedy: () => 'Give the next slot',
};
