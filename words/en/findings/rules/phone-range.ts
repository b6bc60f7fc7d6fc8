import type { Words } from '../text';

export const phoneRange: Words = {
  title: (v) => `${v['tag']} hears a phone at ${v['measured']} m`,
  reason: (v) =>
    `A phone in the pocket of somebody who walks past, on either side of the wall, lets go the lock.${v['others'] ? ` Readers at ${v['others']} hear phones too: which door opens is then luck.` : ''} Where a door is to open from afar, give it a reader of its own on the way.`,
  remedy: (v) => `Set ${v['tag']} to a phone held to it`,
};
