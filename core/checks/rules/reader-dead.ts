import { cardPaths } from '../analyses/cardPaths';
import { rule } from '../violation';

export const readerDead = rule({
  code: 'reader-dead',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: cardPaths,
});
