import type { Words } from '../text';

export const operatorUnasked: Words = {
  title: (v) => `Nothing activates ${v['tag']}`,
  reason: () => 'A valid credential does not close its activation input.',
};
