import { deadState } from '../analyses/deadState';
import { rule } from '../violation';

export const deadStateOpen = rule({
  code: 'dead-state-open',
  family: 'R',
  station: 'brief',
  severity: 'caution',
  basis: 'practice',
  find: deadState,
});
