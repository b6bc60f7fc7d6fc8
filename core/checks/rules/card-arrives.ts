import { cardPaths } from '../analyses/cardPaths';
import { rule } from '../violation';

export const cardArrives = rule({
  code: 'card-arrives',
  family: 'D',
  station: 'wire',
  severity: 'sound',
  basis: 'physics',
  find: cardPaths,
});
