import type { Words } from '../text';

export const noSuppression: Words = {
  title: (v) => `No suppression at ${v['tag']}`,
  reason: (v) =>
    `The coil of ${v['tag']} throws a spike at the contact each time it is cut. Put a flyback diode across it, stripe to plus.`,
};
