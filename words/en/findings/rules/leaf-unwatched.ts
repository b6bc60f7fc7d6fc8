import type { Words } from '../text';

export const leafUnwatched: Words = {
  title: (v) => `The leaf of ${v['tag']} can be forced open unnoticed`,
  reason: () =>
    `Forced open, the first leaf raises the door forced alarm and the second does not. A contact on each leaf, in series on the one input, covers both.`,
};
