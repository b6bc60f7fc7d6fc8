import type { Words } from '../text';

export const callNotCrossed: Words = {
  title: (v) => `The call of ${v['tag']} does not reach the other station`,
  reason: () =>
    'The call terminal of each answering station goes to the other’s bell: crossed, not straight through.',
};
