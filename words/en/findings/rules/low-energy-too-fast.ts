import type { Words } from '../text';

export const lowEnergyTooFast: Words = {
  title: (v) =>
    v['role'] === 'stay'
      ? `${v['tag']} stays open for ${v['measured']} s only`
      : `${v['tag']} opens in ${v['measured']} s: too fast for low energy`,
  reason: (v) =>
    v['role'] === 'stay'
      ? `A low-energy leaf stays open for at least ${v['limit']} s, so that a slow walker gets through.`
      : `A low-energy leaf takes at least ${v['limit']} s to open: faster, it needs presence sensors.`,
};
