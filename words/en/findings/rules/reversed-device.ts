import { volts, type Words } from '../text';

export const reversedDevice: Words = {
  title: (v) => `${v['tag']} is fed backwards`,
  reason: (v) => `${volts(v, 'measured')} at ${v['terminal']}. Swap plus and minus before power.`,
};
