import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const lockedIn = rule({
  code: 'locked-in',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'physics',
  find: proven,
});
