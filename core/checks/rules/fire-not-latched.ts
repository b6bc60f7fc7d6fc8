import { fireRelease } from '../analyses/fireRelease';
import { rule } from '../violation';

export const fireNotLatched = rule({
  code: 'fire-not-latched',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'local-code',
  find: fireRelease,
});
