import type { Words } from '../text';

export const breakNotInLockPower: Words = {
  title: (v) => `${v['tag']} does not break the lock power`,
  reason: (v) =>
    `No pole of ${v['tag']} is between the supply and ${v['lock']}. Breaking an input only is not an emergency break.`,
};
