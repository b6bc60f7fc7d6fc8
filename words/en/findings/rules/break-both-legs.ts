import type { Words } from '../text';

export const breakBothLegs: Words = {
  title: () => 'Break glass breaks both legs',
  reason: (v) => `${v['tag']} is in the feed and the return of ${v['lock']}.`,
};
