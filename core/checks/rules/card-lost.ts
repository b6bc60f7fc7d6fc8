import { cardPaths } from '../analyses/cardPaths';
import { rule } from '../violation';

export const cardLost = rule({
  code: 'card-lost',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: cardPaths,
});
