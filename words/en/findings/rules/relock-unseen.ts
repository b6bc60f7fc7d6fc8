import type { Words } from '../text';

export const relockUnseen: Words = {
  title: (v) => `A reset at ${v['tag']} locks this door out of sight`,
  reason: (v) =>
    `The key is turned at ${v['tag']}, which is elsewhere: check first whether anybody is still on the way out at this door.`,
};
