import type { Words } from '../text';

export const operatorUnasked: Words = {
  title: (v) => `Nothing asks ${v['tag']} to open`,
  reason: () => 'A valid credential does not close its activation input.',
};
