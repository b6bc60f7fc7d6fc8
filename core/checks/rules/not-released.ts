import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const notReleased = rule({
  code: 'not-released',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'physics',
  find: proven,
});
