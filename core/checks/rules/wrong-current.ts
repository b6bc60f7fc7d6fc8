import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const wrongCurrent = rule({
  code: 'wrong-current',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
