import { keypads } from '../analyses/keypads';
import { rule } from '../hit';

export const slotMissing = rule({
  code: 'slot-missing',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: keypads,
});
