import type { Words } from '../text';

export const cardArrives: Words = {
  title: () => 'Card data arrives complete',
  reason: (v) => `Both data lines of ${v['tag']} move the inputs of ${v['controller']}.`,
};
