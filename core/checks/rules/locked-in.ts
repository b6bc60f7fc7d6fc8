import { proven } from '../analyses/proven';
import { rule } from '../hit';

export const lockedIn = rule({
  code: 'locked-in',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'physics',
  find: proven,
});
