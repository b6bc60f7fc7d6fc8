import { lockdowns } from '../analyses/lockdowns';
import { rule } from '../violation';

export const switchTraps = rule({
  code: 'switch-traps',
  family: 'R',
  station: 'wire',
  severity: 'stop',
  basis: 'local-code',
  find: lockdowns,
});
