import type { Words } from '../text';

export const nobodyAdministers: Words = {
  title: (v) => `Nobody on the list is an administrator of ${v['tag']}`,
  reason: () =>
    `It is programmed at its own keys: name one or two administrators, or the programming code is forgotten when it is needed.`,
};
