import type { Words } from '../text';

export const contactInverted: Words = {
  title: (v) => `${v['tag']} reads the wrong way round`,
  reason: () =>
    'The input is closed while the door is open. The contact must be closed when the door is closed.',
};
