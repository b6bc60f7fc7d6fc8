import { fireRelease } from '../analyses/fireRelease';
import { rule } from '../violation';

export const heldInFire = rule({
  code: 'held-in-fire',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'physics',
  find: fireRelease,
});
