import { proven } from '../analyses/proven';
import { rule } from '../hit';

export const notProven = rule({
  code: 'not-proven',
  family: 'R',
  station: 'prove',
  severity: 'caution',
  basis: 'physics',
  find: proven,
});
