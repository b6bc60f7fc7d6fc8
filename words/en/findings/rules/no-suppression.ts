import type { Words } from '../text';

export const noSuppression: Words = {
  title: (v) => `No suppression at ${v['tag']}`,
  reason: (v) =>
    `The coil of ${v['tag']} sends a voltage spike through the contact each time it is switched off. Put a flyback diode across it, stripe to positive.`,
};
