import type { Words } from '../text';

export const relockWithoutContact: Words = {
  title: () => 'Relock on close cannot work',
  reason: (v) => `${v['tag']} does not see the door close. Wire a door contact, or set relock on time.`,
  remedy: () => 'Set relock on time',
};
