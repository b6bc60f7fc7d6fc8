import type { Words } from '../text';

export const suppressionIdle: Words = {
  title: (v) => `${v['tag']} stands across nothing`,
  reason: () => `No coil lies between its two leads. Land it at the terminals of the lock itself.`,
};
