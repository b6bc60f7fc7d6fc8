import type { Words } from '../text';

export const readersSwapped: Words = {
  title: (v) => `${v['tag']} and ${v['other']} are swapped`,
  reason: () => `Each is on the port for the other side of the door: entries and exits are mixed up.`,
  remedy: () => 'Swap them',
};
