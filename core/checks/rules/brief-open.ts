import { deadState } from '../analyses/deadState';
import { rule } from '../violation';

export const briefOpen = rule({
  code: 'brief-open',
  family: 'R',
  station: 'brief',
  severity: 'caution',
  basis: 'practice',
  find: deadState,
});
