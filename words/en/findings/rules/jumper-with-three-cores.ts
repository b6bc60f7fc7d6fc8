import type { Words } from '../text';

export const jumperWithThreeCores: Words = {
  title: (v) => `${v['tag']} has three cores and its jumper still in`,
  reason: () =>
    'With E and minus both wired the jumper ties them together at the door: the speech hums. Take it out.',
  remedy: () => 'Take the jumper out',
};
