import type { Words } from '../text';

export const menuOpen: Words = {
  title: (v) => `The menu of ${v['tag']} is open to anybody`,
  reason: () =>
    'As far as recorded it has no administrator yet: anybody who presses its menu key can add themselves. Key in an administrator first; from then on it asks for one.',
};
