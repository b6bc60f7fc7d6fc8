import type { Words } from '../text';

export const diodeReversed: Words = {
  title: (v) => `${v['tag']} is reversed`,
  reason: (v) =>
    `Its stripe is on the negative of ${v['other']}: as soon as the lock is powered the diode shorts it.`,
  remedy: () => 'Turn it around',
};
