import type { Words } from '../text';

export const modeCoresBoth: Words = {
  title: (v) => `${v['tag']} has both ${v['one']} and ${v['two']} landed`,
  reason: () =>
    `The core that is fed decides whether it opens when dead. With both nothing is decided: take one off.`,
  remedy: (v) => `Take out ${v['wire']}`,
};
