import type { Words } from '../text';

export const jumperMissing: Words = {
  title: (v) => `${v['tag']} has two cores and no jumper`,
  reason: () => 'Its minus leads nowhere: put the jumper between E and minus in, or lay the third core.',
  remedy: () => 'Put the jumper in',
};
