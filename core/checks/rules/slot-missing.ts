import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const slotMissing = rule({
  code: 'slot-missing',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: keypads,
});
