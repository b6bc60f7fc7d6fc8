import { supplies } from '../analyses/supplies';
import { rule } from '../violation';

export const batterySound = rule({
  code: 'battery-sound',
  family: 'P',
  station: 'power',
  severity: 'sound',
  basis: 'rating',
  find: supplies,
});
