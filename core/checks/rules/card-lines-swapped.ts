import { cardPaths } from '../analyses/cardPaths';
import { rule } from '../violation';

export const cardLinesSwapped = rule({
  code: 'card-lines-swapped',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: cardPaths,
});
