import { keptShut } from '../analyses/keptShut';
import { rule } from '../hit';

export const lockdownIdle = rule({
  code: 'lockdown-idle',
  family: 'R',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: keptShut,
});
