import type { Words } from '../text';

export const readersSwapped: Words = {
  title: (v) => `${v['tag']} and ${v['other']} are changed over`,
  reason: () =>
    `Each stands on the port of the other side of the door: entries and exits are taken for each other.`,
  remedy: () => 'Change them over',
};
