import type { FormatProblem, FormId, Seen } from '#core/cards/index';
import type { HeldCard } from '#core/plan/index';
import { spoken, texts } from '../messages';

export const FORM_WORDS: Readonly<Record<FormId, string>> = texts({
  'facility-number': 'facility and number',
  number: 'number alone',
  decimal: 'both as one number, decimal',
  hex: 'both as one number, hex',
  'reversed-decimal': 'bytes reversed, decimal',
  'reversed-hex': 'bytes reversed, hex',
  'frame-bits': 'whole frame, bits',
  'frame-hex': 'whole frame, hex',
});

/** What a controller makes of a frame. */
export const seenWords = spoken(function seenWords(seen: Seen): string {
  switch (seen.kind) {
    case 'card':
      return `sees ${seen.card.facility}-${seen.card.number}`;
    case 'length':
      return `sees nothing: ${seen.came} bits come`;
    case 'parity':
      return `drops it: the parity in bit ${seen.at} is wrong`;
    case 'fixed':
      return `drops it: bits from ${seen.at} on are not those of its format`;
  }
});

/** `71-2001, 71-2002 lost`. */
export const cardsWords = spoken((cards: readonly HeldCard[]): string =>
  cards
    .map(({ facility, number, lost }) => `${facility}-${number}${lost === null ? '' : ' lost'}`)
    .join(', '),
);

/** What stands against a frame, behind the part of it. */
export const FORMAT_PROBLEMS: Readonly<Record<FormatProblem['problem'], string>> = texts({
  beyond: 'end before they begin, or beyond the frame',
  overlaps: 'lie on bits that are another part’s',
  'too-wide': 'are more than 32',
  'no-bytes': 'are not whole bytes: they cannot be reversed',
  'no-room': 'have no room for their number',
  'parity-outside': 'counts bits that are not in the frame',
  'parity-early': 'counts a parity that is below it: move it down',
});

/** `The number’s bits`, `Parity 2`. */
export const formatPartWords = spoken(function formatPartWords([part, index]: FormatProblem['at']): string {
  switch (part) {
    case 'facility':
      return 'The facility’s bits';
    case 'number':
      return 'The number’s bits';
    case 'parities':
      return `Parity ${Number(index) + 1}`;
    default:
      return `Fixed bits ${Number(index) + 1}`;
  }
});
