import type { Words } from '../text';

export const opensWhenDead: Words = {
  title: () => 'Opens when dead',
  reason: (v) => `All supplies off: ${v['tag']} lets go.`,
};
