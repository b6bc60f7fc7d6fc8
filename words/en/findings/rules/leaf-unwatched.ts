import type { Words } from '../text';

export const leafUnwatched: Words = {
  title: (v) => `The leaf of ${v['tag']} can be torn open unnoticed`,
  reason: () =>
    `Torn open, the first leaf raises the forced-open alarm and the second does not: a contact for each leaf, in series on the one input, tells of both.`,
};
