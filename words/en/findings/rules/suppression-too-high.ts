import { volts, type Words } from '../text';

export const suppressionTooHigh: Words = {
  title: (v) => `${v['tag']} clamps too high`,
  reason: (v) =>
    `It starts to conduct at ${volts(v, 'measured')}; above ${volts(v, 'limit')} the spike reaches the contacts. Use a lower one.`,
};
