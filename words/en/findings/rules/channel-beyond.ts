import type { Words } from '../text';

export const channelBeyond: Words = {
  title: (v) => `${v['tag']} is on a channel that no station answers`,
  reason: (v) => `Channel ${v['measured']}; the answering stations have ${v['limit']}.`,
};
