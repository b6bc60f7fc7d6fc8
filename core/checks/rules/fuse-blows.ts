import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const fuseBlows = rule({
  code: 'fuse-blows',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
