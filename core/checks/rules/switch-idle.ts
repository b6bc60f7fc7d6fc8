import { lockdowns } from '../analyses/lockdowns';
import { rule } from '../violation';

export const switchIdle = rule({
  code: 'switch-idle',
  family: 'C',
  station: 'wire',
  severity: 'caution',
  basis: 'physics',
  find: lockdowns,
});
