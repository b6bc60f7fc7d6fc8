import type { Words } from '../text';

export const pullUnheard: Words = {
  title: (v) => `Pulling ${v['tag']} raises no alarm`,
  reason: (v) =>
    `The second circuit should short the line that ${v['other']} supervises. It does not: the lock releases, and no alarm is raised.`,
};
