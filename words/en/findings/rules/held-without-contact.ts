import type { Words } from '../text';

export const heldWithoutContact: Words = {
  title: (v) => `${v['tag']} cannot tell a door that is held open`,
  reason: (v) => `A time of ${v['measured']} s is set for it, and no door contact is seen.`,
};
