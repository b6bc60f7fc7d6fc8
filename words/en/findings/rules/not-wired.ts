import type { Words } from '../text';

export const notWired: Words = {
  title: () => 'This door is not wired yet',
  reason: (v) =>
    `${v['count']} devices stand here and no wire joins them. Let Aldaba wire it by the ways you chose, or lay the wires by hand.`,
  remedy: () => 'Wire this door',
};
