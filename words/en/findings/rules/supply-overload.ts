import { amps, type Words } from '../text';

export const supplyOverload: Words = {
  title: (v) => `${v['tag']} is at its current limit`,
  reason: (v) =>
    `It delivers all it can, ${amps(v, 'limit')}: a short or too many loads. Its voltage has collapsed.`,
};
