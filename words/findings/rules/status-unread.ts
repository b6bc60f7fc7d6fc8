import type { Words } from '../text';

export const statusUnread: Words = {
  title: (v) => `Nobody reads the contact in ${v['tag']}`,
  reason: () => 'It is wired, but no input changes when the door opens.',
};
