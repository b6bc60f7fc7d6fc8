import type { Words } from '../text';

export const codeOfNobody: Words = {
  title: (v) => `${v['tag']} opens for a code or card that is nobody’s`,
  reason: (v) =>
    `It is recorded to hold ${v['count'] === 1 ? 'one' : v['count']} that nobody of this site has${v['slots'] ? `, in slot ${v['slots']}` : ''}. The keys that take it out are at Program.`,
};
