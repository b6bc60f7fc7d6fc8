import { tiedSpares } from '../analyses/tiedSpares';
import { rule } from '../hit';

export const spareLegsTied = rule({
  code: 'spare-legs-tied',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: tiedSpares,
});
