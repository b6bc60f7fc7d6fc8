import type { Words } from '../text';

export const leaverOpens: Words = {
  title: (v) => `${v['tag']} still opens for somebody no longer on the list`,
  reason: (v) =>
    `What ${v['names']} ${v['count'] === 1 ? 'has' : 'have'} is still in ${v['tag']}, as far as recorded. The keys that remove it are at Program.`,
};
