import type { Words } from '../text';

export const inputUnset: Words = {
  title: (v) => `${v['terminal']} is wired, and set to “not used”`,
  reason: (v) => `The menu of ${v['tag']} says that it is not used: whatever its wire says, it is ignored.`,
};
