import type { Words } from '../text';

export const heldWithoutContact: Words = {
  title: (v) => `${v['tag']} cannot tell when the door is held open`,
  reason: (v) => `A door held open time of ${v['measured']} s is set, and no door contact is connected.`,
};
