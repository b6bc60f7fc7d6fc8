import type { Words } from '../text';

export const codeOfNobody: Words = {
  title: (v) => `${v['tag']} opens for a code or card that belongs to nobody`,
  reason: (v) =>
    `As recorded, it holds ${v['count'] === 1 ? 'one' : v['count']} that nobody on this site has${v['slots'] ? `, in slot ${v['slots']}` : ''}. The keys that remove it are at Program.`,
};
