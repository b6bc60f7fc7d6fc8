import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const lostCardOpens = rule({
  code: 'lost-card-opens',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: keypads,
});
