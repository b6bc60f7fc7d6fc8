import type { Words } from '../text';

export const fireUnwatched: Words = {
  title: (v) => `A cut wire at ${v['tag']}’s fire input goes unseen`,
  reason: () =>
    'Its contact closes on alarm: nothing notices a broken wire before the fire. A contact that opens on alarm releases when the wire is cut.',
};
