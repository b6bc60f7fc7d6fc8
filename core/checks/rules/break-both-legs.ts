import { breakGlass } from '../analyses/breakGlass';
import { rule } from '../violation';

export const breakBothLegs = rule({
  code: 'break-both-legs',
  family: 'R',
  station: 'prove',
  severity: 'sound',
  basis: 'physics',
  find: breakGlass,
});
