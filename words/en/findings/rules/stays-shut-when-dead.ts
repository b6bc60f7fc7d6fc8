import type { Words } from '../text';

export const staysShutWhenDead: Words = {
  title: () => 'Stays locked without power, and people can get out',
  reason: (v) => `All supplies off: ${v['tag']} stays locked; the lever opens from inside.`,
};
