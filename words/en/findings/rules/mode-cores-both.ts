import type { Words } from '../text';

export const modeCoresBoth: Words = {
  title: (v) => `${v['tag']} has both ${v['one']} and ${v['two']} landed`,
  reason: () =>
    `Whichever core is fed makes it fail-safe or fail-secure. With both landed neither is certain: remove one.`,
  remedy: (v) => `Remove ${v['wire']}`,
};
