import type { FormId, Seen } from '#core/cards/index';

export const FORM_WORDS: Readonly<Record<FormId, string>> = {
  'facility-number': 'facility and number',
  number: 'number alone',
  decimal: 'both as one number, decimal',
  hex: 'both as one number, hex',
  'reversed-decimal': 'bytes reversed, decimal',
  'reversed-hex': 'bytes reversed, hex',
  'frame-bits': 'whole frame, bits',
  'frame-hex': 'whole frame, hex',
};

/** What a controller makes of a frame. */
export function seenWords(seen: Seen): string {
  switch (seen.kind) {
    case 'card':
      return `sees ${seen.card.facility}-${seen.card.number}`;
    case 'length':
      return `sees nothing: ${seen.came} bits come`;
    case 'parity':
      return `drops it: the parity in bit ${seen.at} is wrong`;
  }
}
