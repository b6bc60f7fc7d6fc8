import type { Words } from '../text';

export const unlockBelowLeast: Words = {
  title: () => 'The door locks again before people reach the handle',
  reason: (v) => `${v['tag']} gives ${v['measured']} s; never below 5 s, ${v['limit']} s for this door.`,
  remedy: (v) => `Set ${v['limit']} s`,
};
