import type { Words } from '../text';

export const statusUnused: Words = {
  title: (v) => `The contact in ${v['tag']} is not used`,
  reason: () => 'It would show whether the lock is really locked. Land it on a free input, or cap its leads.',
};
