import type { Words } from '../text';

export const terminalFull: Words = {
  title: (v) => `Too many conductors in ${v['terminal']}`,
  reason: (v) => `${v['measured']} conductors; the terminal takes ${v['limit']}. Use a joint.`,
  remedy: () => 'Add a joint',
};
