import { volts, type Words } from '../text';

export const varistorBelowSupply: Words = {
  title: (v) => `${v['tag']} conducts at the supply’s own voltage`,
  reason: (v) =>
    `It begins at ${volts(v, 'measured')}; ${v['other']} is fed with ${volts(v, 'limit')}. It gets hot and fails. Take one rated above the supply.`,
};
