import { keptShut } from '../analyses/keptShut';
import { rule } from '../hit';

export const interlockBlind = rule({
  code: 'interlock-blind',
  family: 'R',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: keptShut,
});
