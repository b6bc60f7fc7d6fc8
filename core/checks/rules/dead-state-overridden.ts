import { deadState } from '../analyses/deadState';
import { rule } from '../violation';

export const deadStateOverridden = rule({
  code: 'dead-state-overridden',
  family: 'R',
  station: 'brief',
  severity: 'note',
  basis: 'practice',
  find: deadState,
});
