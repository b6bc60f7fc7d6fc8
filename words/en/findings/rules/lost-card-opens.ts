import type { Words } from '../text';

export const lostCardOpens: Words = {
  title: (v) => `${v['tag']} still opens for a lost card`,
  reason: (v) =>
    `A card of ${v['names']} is reported lost and is still in ${v['tag']}, as far as recorded. The keys that remove it are at Program.`,
};
