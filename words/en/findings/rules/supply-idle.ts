import type { Words } from '../text';

export const supplyIdle: Words = {
  title: (v) => `${v['tag']} feeds nothing`,
  reason: () => `No wire lands on it. Wire what it is meant to carry, or remove it.`,
};
