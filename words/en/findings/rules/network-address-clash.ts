import type { Words } from '../text';

export const networkAddressClash: Words = {
  title: (v) => `${v['tag']} and ${v['other']} have the same network address`,
  reason: (v) => `Both are ${v['address']}: each drops off the network from time to time.`,
};
