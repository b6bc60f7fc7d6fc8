import type { Words } from '../text';

export const relockUnseen: Words = {
  title: (v) => `Reset at ${v['tag']}, this door locks unseen`,
  reason: (v) =>
    `The key is turned at ${v['tag']}, which stands elsewhere: look at this door first, whether somebody is still on the way out.`,
};
