import { people } from '../analyses/people';
import { rule } from '../violation';

export const nobodyOnList = rule({
  code: 'nobody-on-list',
  family: 'C',
  station: 'program',
  severity: 'note',
  basis: 'practice',
  find: people,
});
