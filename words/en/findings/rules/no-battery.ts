import type { Words } from '../text';

export const noBattery: Words = {
  title: (v) => `${v['tag']} has no battery`,
  reason: () => 'When the mains fails, everything on it goes dead at once.',
};
