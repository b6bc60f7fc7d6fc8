import type { Words } from '../text';

export const phoneRange: Words = {
  title: (v) => `${v['tag']} reads a phone at ${v['measured']} m`,
  reason: (v) =>
    `A phone in the pocket of somebody walking past, on either side of the wall, unlocks the door.${v['others'] ? ` Readers at ${v['others']} hear phones too: which door opens is a matter of luck.` : ''} Where a door should open from a distance, fit a separate reader on the way to it.`,
  remedy: (v) => `Set ${v['tag']} to read a phone held to it`,
};
