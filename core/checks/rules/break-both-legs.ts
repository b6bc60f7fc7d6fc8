import { breakGlass } from '../analyses/breakGlass';
import { rule } from '../hit';

export const breakBothLegs = rule({
  code: 'break-both-legs',
  family: 'R',
  station: 'prove',
  severity: 'sound',
  basis: 'physics',
  find: breakGlass,
});
