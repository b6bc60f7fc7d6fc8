import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const notKeptOut = rule({
  code: 'not-kept-out',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'physics',
  find: proven,
});
