import { supplies } from '../analyses/supplies';
import { rule } from '../violation';

export const headroom = rule({
  code: 'headroom',
  family: 'P',
  station: 'power',
  severity: 'fix',
  basis: 'practice',
  find: supplies,
});
