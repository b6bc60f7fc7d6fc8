import type { Words } from '../text';

export const busForked: Words = {
  title: (v) => `The bus forks at ${v['tag']}`,
  reason: () =>
    'A bus is one line from device to device. Each branch reflects the signal: run it into each device and out again.',
};
