import type { Words } from '../text';

export const throwsBeforeShut: Words = {
  title: (v) => `${v['tag']} may lock before the door is closed`,
  reason: (v) => `It then jams. Set ${v['other']} to relock when the door closes, and fit a door contact.`,
  remedy: () => 'Set relock on close',
};
