import type { Words } from '../text';

export const lostCardOpens: Words = {
  title: (v) => `${v['tag']} still opens for a lost card`,
  reason: (v) =>
    `A card of ${v['names']} is reported lost and still stands in ${v['tag']}, as far as it is recorded. The keys that take it out are at Program.`,
};
