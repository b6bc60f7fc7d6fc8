import { lockdowns } from '../analyses/lockdowns';
import { rule } from '../violation';

export const lockdownIdle = rule({
  code: 'lockdown-idle',
  family: 'R',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: lockdowns,
});
