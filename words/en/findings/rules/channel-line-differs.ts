import type { Words } from '../text';

export const channelLineDiffers: Words = {
  title: (v) => `${v['tag']} is wired to another channel than it is set to`,
  reason: (v) =>
    `Its line lands on ${v['measured']}, it is set to ${v['channel']}: the call lights the wrong key.`,
  remedy: (v) => `Set channel ${v['measured']}`,
};
