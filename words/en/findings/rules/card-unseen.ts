import type { Words } from '../text';

export const cardUnseen: Words = {
  title: (v) => `${v['tag']} misreads some of the cards`,
  reason: (v) =>
    `${Number(v['waits']) > 0 ? `It waits for frames of ${v['waits']} bits` : 'It is set to an unknown format'}; cards of ${v['names']} ${v['sent'] ? `send ${v['sent']} bits` : 'send an unknown format'}. Their holders are refused, or taken for somebody else.`,
  remedy: () => 'Set it to their format',
};
