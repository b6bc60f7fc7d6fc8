import type { Words } from '../text';

export const throwsBeforeShut: Words = {
  title: (v) => `${v['tag']} may lock before the door is shut`,
  reason: (v) =>
    `It jams then. Let ${v['other']} lock again when the door closes, and give it a door contact.`,
  remedy: () => 'Re-lock on close',
};
