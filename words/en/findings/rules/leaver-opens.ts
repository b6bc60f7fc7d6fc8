import type { Words } from '../text';

export const leaverOpens: Words = {
  title: (v) => `${v['tag']} still opens for somebody off the list`,
  reason: (v) =>
    `What ${v['names']} ${v['count'] === 1 ? 'has' : 'have'} still stands in ${v['tag']}, as far as it is recorded. The keys that take it out are at Program.`,
};
