import type { Words } from '../text';

export const delayBeyondRegion: Words = {
  title: (v) => `A delay of ${v['seconds']} s is longer than usual`,
  reason: (v) =>
    `Where this site is, ${v['most']} s is the longest delay that is usually allowed without a special permission. Get it in writing from whoever decides there, or shorten it.`,
};
