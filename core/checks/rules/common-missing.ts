import { cardPaths } from '../analyses/cardPaths';
import { rule } from '../violation';

export const commonMissing = rule({
  code: 'common-missing',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: cardPaths,
});
