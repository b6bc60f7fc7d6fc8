import { volts, type Words } from '../text';

export const deviceUnfed: Words = {
  title: (v) => `${v['tag']} does not start`,
  reason: (v) => `Its loop is complete, but it gets less than the ${volts(v, 'needs')} it needs.`,
};
