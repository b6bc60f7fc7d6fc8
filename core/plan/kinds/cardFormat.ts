import { formatProblems } from '../../cards/format';
import { describe } from './kind';

export const CARD_FORMATS_OF_SITE = describe('cardFormats', {
  list: 'cardFormats',
  as: 'cardFormat',
  word: 'card format',
  key: 'id',
  verbs: { add: 'addCardFormat', set: 'setCardFormat', remove: 'removeCardFormat' },
  fixed: ['id'],
  most: 200,
  refs: [],
  // A patch may change one part of a frame and not the other that it has to fit.
  problem(_plan, format) {
    const [first] = formatProblems(format);
    return first
      ? { reason: 'invalid', id: format.id, message: 'does not hold together', at: first.at.join('.') }
      : null;
  },
  secrets: {},
  doors: () => [],
});
