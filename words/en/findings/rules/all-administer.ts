import type { Words } from '../text';

export const allAdminister: Words = {
  title: (v) => `Everybody on the list is an administrator of ${v['tag']}`,
  reason: (v) =>
    `All ${v['count']} people who open it can also program it: keep the programming code to one or two.`,
};
