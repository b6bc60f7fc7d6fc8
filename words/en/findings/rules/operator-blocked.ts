import type { Words } from '../text';

export const operatorBlocked: Words = {
  title: (v) => `${v['tag']} pushes against a locked door`,
  reason: () => 'When it starts to open, the lock still holds. Its own lock relay must be in the lock power.',
};
