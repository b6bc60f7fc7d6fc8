import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const drivenInput = rule({
  code: 'driven-input',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
