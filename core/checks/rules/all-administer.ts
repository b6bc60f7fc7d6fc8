import { people } from '../analyses/people';
import { rule } from '../violation';

export const allAdminister = rule({
  code: 'all-administer',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: people,
});
