import type { Words } from '../text';

export const channelClash: Words = {
  title: (v) => `Two door stations on channel ${v['channel']}`,
  reason: (v) =>
    `${v['devices']} speak at once, and one key opens both doors. Each door needs its own channel.`,
  remedy: () => 'Set a free channel',
};
