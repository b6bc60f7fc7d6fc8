import { volts, type Words } from '../text';

export const suppressionTooHigh: Words = {
  title: (v) => `${v['tag']} acts too late`,
  reason: (v) =>
    `It begins at ${volts(v, 'measured')}; above ${volts(v, 'limit')} the spike reaches the contacts. Take a lower one.`,
};
