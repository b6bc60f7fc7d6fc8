import type { Words } from '../text';

export const staysShutWhenDead: Words = {
  title: () => 'Stays locked when dead, and people get out',
  reason: (v) => `All supplies off: ${v['tag']} stays locked; the lever opens from inside.`,
};
