import { proven } from '../analyses/proven';
import { rule } from '../violation';

export const staysShutWhenDead = rule({
  code: 'stays-shut-when-dead',
  family: 'R',
  station: 'prove',
  severity: 'sound',
  basis: 'physics',
  find: proven,
});
