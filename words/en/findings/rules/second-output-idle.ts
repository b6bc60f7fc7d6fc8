import type { Words } from '../text';

export const secondOutputIdle: Words = {
  title: (v) => `The second relay of ${v['tag']} moves no lock`,
  reason: () =>
    'For a strike it goes in parallel with the first (both normally open), for a magnet in series (both normally closed).',
};
