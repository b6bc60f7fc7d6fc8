import type { Words } from '../text';

export const supplyIdle: Words = {
  title: (v) => `${v['tag']} feeds nothing`,
  reason: () => `Nothing is wired to it. Wire what it should feed, or remove it.`,
};
