import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const opensWhenDead = rule({
  code: 'opens-when-dead',
  family: 'R',
  station: 'prove',
  severity: 'sound',
  basis: 'physics',
  find: proven,
});
