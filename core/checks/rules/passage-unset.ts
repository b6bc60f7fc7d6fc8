import { hours } from '../analyses/hours';
import { rule } from '../violation';

export const passageUnset = rule({
  code: 'passage-unset',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: hours,
});
