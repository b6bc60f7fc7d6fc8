import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const notProven = rule({
  code: 'not-proven',
  family: 'R',
  station: 'prove',
  severity: 'caution',
  basis: 'physics',
  find: proven,
});
