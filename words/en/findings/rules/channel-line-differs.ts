import type { Words } from '../text';

export const channelLineDiffers: Words = {
  title: (v) => `${v['tag']} is wired to a channel other than the one it is set to`,
  reason: (v) =>
    `Its line is on ${v['measured']}, and it is set to ${v['channel']}: the call lights the wrong key.`,
  remedy: (v) => `Set channel ${v['measured']}`,
};
