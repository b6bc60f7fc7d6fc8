import type { Words } from '../text';

export const cableOverfull: Words = {
  title: (v) => `Cable ${v['cable']} has too few cores`,
  reason: (v) => `${v['measured']} wires are planned in it; ${v['make']} has ${v['limit']} cores.`,
  remedy: () => 'Use a bigger cable',
};
