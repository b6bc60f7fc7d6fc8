import { passback } from '../analyses/passback';
import { rule } from '../violation';

export const passbackOneSide = rule({
  code: 'passback-one-side',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'physics',
  find: passback,
});
