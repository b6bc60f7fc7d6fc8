import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const reversedDevice = rule({
  code: 'reversed-device',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
