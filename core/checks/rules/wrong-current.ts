import { damages } from '../analyses/damages';
import { rule } from '../hit';

export const wrongCurrent = rule({
  code: 'wrong-current',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
