import { people } from '../analyses/people';
import { rule } from '../violation';

export const nobodyAdministers = rule({
  code: 'nobody-administers',
  family: 'C',
  station: 'program',
  severity: 'note',
  basis: 'practice',
  find: people,
});
