import { tiedSpares } from '../analyses/tiedSpares';
import { rule } from '../violation';

export const spareLegsTied = rule({
  code: 'spare-legs-tied',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: tiedSpares,
});
