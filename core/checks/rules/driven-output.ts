import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const drivenOutput = rule({
  code: 'driven-output',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
