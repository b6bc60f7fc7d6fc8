import type { Words } from '../text';

export const fireUnwatched: Words = {
  title: (v) => `A cut wire at ${v['tag']}’s fire input goes unnoticed`,
  reason: () =>
    'Its contact closes on alarm, so a broken wire is not noticed before a fire. A contact that opens on alarm releases when the wire is cut.',
};
