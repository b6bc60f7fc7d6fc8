import { volts, type Words } from '../text';

export const varistorBelowSupply: Words = {
  title: (v) => `${v['tag']} clamps the supply itself`,
  reason: (v) =>
    `It conducts from ${volts(v, 'measured')}; ${v['other']} is fed with ${volts(v, 'limit')}. It gets hot and fails. Take one rated above the supply.`,
};
