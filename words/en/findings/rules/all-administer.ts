import type { Words } from '../text';

export const allAdminister: Words = {
  title: (v) => `Everybody on the list administers ${v['tag']}`,
  reason: (v) =>
    `All ${v['count']} people who open it may program it as well: keep the programming code with one or two.`,
};
