import type { Words } from '../text';

export const breakNotInLockPower: Words = {
  title: (v) => `${v['tag']} does not break the lock power`,
  reason: (v) =>
    `No pole of ${v['tag']} lies between the supply and ${v['lock']}. An input-only break is no break.`,
};
