import { assumed } from '../analyses/assumed';
import { rule } from '../violation';

export const briefAssumed = rule({
  code: 'brief-assumed',
  family: 'R',
  station: 'brief',
  severity: 'caution',
  basis: 'practice',
  find: assumed,
});
