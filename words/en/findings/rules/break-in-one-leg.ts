import type { Words } from '../text';

export const breakInOneLeg: Words = {
  title: (v) => `${v['tag']} breaks one leg only`,
  reason: (v) =>
    `It lets ${v['lock']} go, but a second fault in the other leg could feed it round the break. A double pole covers both.`,
};
