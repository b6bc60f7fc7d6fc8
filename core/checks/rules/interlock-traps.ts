import { keptShut } from '../analyses/keptShut';
import { rule } from '../hit';

export const interlockTraps = rule({
  code: 'interlock-traps',
  family: 'R',
  station: 'wire',
  severity: 'stop',
  basis: 'local-code',
  find: keptShut,
});
