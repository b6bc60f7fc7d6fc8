import { volts, type Words } from '../text';

export const varistorBelowSupply: Words = {
  title: (v) => `${v['tag']} conducts at the supply’s own voltage`,
  reason: (v) =>
    `It starts to conduct at ${volts(v, 'measured')}; ${v['other']} is fed with ${volts(v, 'limit')}. It gets hot and fails. Use one rated above the supply.`,
};
