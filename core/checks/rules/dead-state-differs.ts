import { deadState } from '../analyses/deadState';
import { rule } from '../violation';

export const deadStateDiffers = rule({
  code: 'dead-state-differs',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'physics',
  find: deadState,
});
