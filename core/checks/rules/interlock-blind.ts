import { lockdowns } from '../analyses/lockdowns';
import { rule } from '../violation';

export const interlockBlind = rule({
  code: 'interlock-blind',
  family: 'R',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: lockdowns,
});
