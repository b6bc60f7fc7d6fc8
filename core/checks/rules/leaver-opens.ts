import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const leaverOpens = rule({
  code: 'leaver-opens',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: keypads,
});
