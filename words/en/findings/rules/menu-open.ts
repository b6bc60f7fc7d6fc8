import type { Words } from '../text';

export const menuOpen: Words = {
  title: (v) => `The menu of ${v['tag']} is open to anybody`,
  reason: () =>
    'As far as is recorded nobody administers it yet: whoever presses its menu key can add themselves. Key in an administrator before anyone else; from then on it asks who is there.',
};
