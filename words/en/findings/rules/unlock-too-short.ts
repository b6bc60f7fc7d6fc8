import type { Words } from '../text';

export const unlockTooShort: Words = {
  title: () => 'The door may lock again before people reach the handle',
  reason: (v) =>
    `${v['tag']} gives ${v['measured']} s; ${v['limit']} s for ${v['distance']} m from reader to handle.`,
  remedy: (v) => `Set ${v['limit']} s`,
};
