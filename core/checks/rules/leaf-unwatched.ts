import { leaves } from '../analyses/leaves';
import { rule } from '../violation';

export const leafUnwatched = rule({
  code: 'leaf-unwatched',
  family: 'T',
  station: 'wire',
  severity: 'caution',
  basis: 'physics',
  find: leaves,
});
