import type { Words } from '../text';

export const notWired: Words = {
  title: () => 'This door is not wired yet',
  reason: (v) =>
    `${v['count']} devices and no wires between them. Let Aldaba wire it using the methods you chose, or add the wires by hand.`,
  remedy: () => 'Wire this door',
};
