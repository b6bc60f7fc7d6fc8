import type { Words } from '../text';

export const leafWithoutLock: Words = {
  title: () => `No lock keeps the first leaf`,
  reason: (v) =>
    `${v['tag']} stands at the second leaf, and so does every lock: the leaf that people go through stands free. Say at Hardware which leaf each lock is at.`,
};
