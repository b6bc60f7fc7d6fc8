import type { Words } from '../text';

export const breakBothLegs: Words = {
  title: () => 'Break glass cuts both legs',
  reason: (v) => `${v['tag']} stands in the supply and the return of ${v['lock']}.`,
};
