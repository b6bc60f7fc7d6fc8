import type { Words } from '../text';

export const jumperMissing: Words = {
  title: (v) => `${v['tag']} has two cores and no jumper`,
  reason: () => 'Its negative goes nowhere: fit the jumper between E and negative, or run the third core.',
  remedy: () => 'Fit the jumper',
};
