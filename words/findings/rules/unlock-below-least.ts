import type { Words } from '../text';

export const unlockBelowLeast: Words = {
  title: () => 'Unlock time is too short',
  reason: (v) => `${v['tag']} gives ${v['measured']} s; never below 5 s, ${v['limit']} s for this door.`,
  remedy: (v) => `Set ${v['limit']} s`,
};
