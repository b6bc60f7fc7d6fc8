import type { Words } from '../text';

export const leafWithoutLock: Words = {
  title: () => `No lock secures the first leaf`,
  reason: (v) =>
    `${v['tag']} and every other lock are on the second leaf: the leaf that people use is not locked. Set at Hardware which leaf each lock is on.`,
};
