import { keptShut } from '../analyses/keptShut';
import { rule } from '../hit';

export const switchIdle = rule({
  code: 'switch-idle',
  family: 'C',
  station: 'wire',
  severity: 'caution',
  basis: 'physics',
  find: keptShut,
});
