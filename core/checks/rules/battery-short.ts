import { supplies } from '../analyses/supplies';
import { rule } from '../violation';

export const batteryShort = rule({
  code: 'battery-short',
  family: 'P',
  station: 'power',
  severity: 'fix',
  basis: 'rating',
  find: supplies,
});
