import { keptShut } from '../analyses/keptShut';
import { rule } from '../hit';

export const switchTraps = rule({
  code: 'switch-traps',
  family: 'R',
  station: 'wire',
  severity: 'stop',
  basis: 'local-code',
  find: keptShut,
});
