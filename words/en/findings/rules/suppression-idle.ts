import type { Words } from '../text';

export const suppressionIdle: Words = {
  title: (v) => `${v['tag']} protects nothing`,
  reason: () => `There is no coil between its two leads. Land it on the terminals of the lock itself.`,
};
