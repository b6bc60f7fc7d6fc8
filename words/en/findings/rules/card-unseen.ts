import type { Words } from '../text';

export const cardUnseen: Words = {
  title: (v) => `${v['tag']} does not see some of the cards as they are`,
  reason: (v) =>
    `${Number(v['waits']) > 0 ? `It waits for frames of ${v['waits']} bits` : 'It is set to a format that nobody knows'}; cards of ${v['names']} ${v['sent'] ? `send ${v['sent']} bits` : 'send what is not known'}. Whoever holds one is not let in, or is taken for somebody else.`,
  remedy: () => 'Set it to their format',
};
