import type { Words } from '../text';

export const cardArrives: Words = {
  title: () => 'Cards arrive whole',
  reason: (v) => `Both data lines of ${v['tag']} move the inputs of ${v['controller']}.`,
};
