import type { Words } from '../text';

export const breakInOneLeg: Words = {
  title: (v) => `${v['tag']} breaks one leg only`,
  reason: (v) =>
    `It releases ${v['lock']}, but a second fault in the other leg could feed it past the break. A double-pole break covers both.`,
};
