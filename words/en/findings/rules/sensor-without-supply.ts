import { volts, type Words } from '../text';

export const sensorWithoutSupply: Words = {
  title: (v) => `${v['tag']} has no supply`,
  reason: (v) =>
    `A plain button needs none; a sensor does. Below ${volts(v, 'needs')} it never switches its contact, and nobody gets out by it.`,
};
