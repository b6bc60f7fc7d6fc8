import type { Words } from '../text';

export const pullUnheard: Words = {
  title: (v) => `Pulling ${v['tag']} raises no alarm`,
  reason: (v) =>
    `The second circuit should short the line that ${v['other']} watches. It does not: the lock lets go, and nobody is told.`,
};
