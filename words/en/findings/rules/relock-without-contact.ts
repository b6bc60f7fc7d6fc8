import type { Words } from '../text';

export const relockWithoutContact: Words = {
  title: () => 'Re-lock on close cannot work',
  reason: (v) => `${v['tag']} does not see the door close. Wire a door contact, or re-lock on time.`,
  remedy: () => 'Re-lock on time',
};
