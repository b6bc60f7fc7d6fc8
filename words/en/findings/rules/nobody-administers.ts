import type { Words } from '../text';

export const nobodyAdministers: Words = {
  title: (v) => `Nobody on the list administers ${v['tag']}`,
  reason: () =>
    `It is programmed at its own keys: name the one or two people who hold its programming code, or it is forgotten when it is needed.`,
};
