import { people } from '../analyses/people';
import { rule } from '../hit';

export const nobodyAdministers = rule({
  code: 'nobody-administers',
  family: 'C',
  station: 'program',
  severity: 'note',
  basis: 'practice',
  find: people,
});
