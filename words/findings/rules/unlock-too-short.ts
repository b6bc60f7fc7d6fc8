import type { Words } from '../text';

export const unlockTooShort: Words = {
  title: () => 'Unlock time is short for the way',
  reason: (v) =>
    `${v['tag']} gives ${v['measured']} s; ${v['limit']} s for ${v['distance']} m from reader to handle.`,
  remedy: (v) => `Set ${v['limit']} s`,
};
