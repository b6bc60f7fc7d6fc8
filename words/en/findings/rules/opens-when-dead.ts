import type { Words } from '../text';

export const opensWhenDead: Words = {
  title: () => 'Unlocks without power',
  reason: (v) => `All supplies off: ${v['tag']} unlocks.`,
};
