import { people } from '../analyses/people';
import { rule } from '../violation';

export const cardUnseen = rule({
  code: 'card-unseen',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: people,
});
