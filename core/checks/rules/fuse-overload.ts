import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const fuseOverload = rule({
  code: 'fuse-overload',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: damages,
});
