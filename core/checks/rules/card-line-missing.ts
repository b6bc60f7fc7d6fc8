import { cardPaths } from '../analyses/cardPaths';
import { rule } from '../violation';

export const cardLineMissing = rule({
  code: 'card-line-missing',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: cardPaths,
});
