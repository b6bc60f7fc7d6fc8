import { supplies } from '../analyses/supplies';
import { rule } from '../hit';

export const noBattery = rule({
  code: 'no-battery',
  family: 'P',
  station: 'power',
  severity: 'note',
  basis: 'practice',
  find: supplies,
});
