import { volts, type Words } from '../text';

export const reversedDevice: Words = {
  title: (v) => `${v['tag']} has reversed polarity`,
  reason: (v) =>
    `${volts(v, 'measured')} at ${v['terminal']}. Swap positive and negative before you power up.`,
};
