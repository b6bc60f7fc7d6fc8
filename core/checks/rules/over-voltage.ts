import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const overVoltage = rule({
  code: 'over-voltage',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
