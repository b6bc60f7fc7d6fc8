import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const supplyOverload = rule({
  code: 'supply-overload',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: damages,
});
