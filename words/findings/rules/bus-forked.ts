import type { Words } from '../text';

export const busForked: Words = {
  title: (v) => `The bus forks at ${v['tag']}`,
  reason: () =>
    'A bus is one line from device to device. Branches reflect every bit: lay it in and out again.',
};
