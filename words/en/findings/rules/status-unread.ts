import type { Words } from '../text';

export const statusUnread: Words = {
  title: (v) => `The contact in ${v['tag']} reaches no input`,
  reason: () => 'It is wired, but no input changes when the door opens.',
};
