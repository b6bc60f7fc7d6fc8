import { supplies } from '../analyses/supplies';
import { rule } from '../violation';

export const noBattery = rule({
  code: 'no-battery',
  family: 'P',
  station: 'power',
  severity: 'note',
  basis: 'practice',
  find: supplies,
});
