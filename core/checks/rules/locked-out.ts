import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const lockedOut = rule({
  code: 'locked-out',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'physics',
  find: proven,
});
