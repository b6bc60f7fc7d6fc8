import { lockdowns } from '../analyses/lockdowns';
import { rule } from '../violation';

export const interlockTraps = rule({
  code: 'interlock-traps',
  family: 'R',
  station: 'wire',
  severity: 'stop',
  basis: 'local-code',
  find: lockdowns,
});
