import type { Words } from '../text';

export const jumperWithThreeCores: Words = {
  title: (v) => `${v['tag']} has three cores and its jumper still in`,
  reason: () =>
    'With E and negative both wired, the jumper ties them together at the door and the speech hums. Remove it.',
  remedy: () => 'Remove the jumper',
};
