import { hours } from '../analyses/hours';
import { rule } from '../violation';

export const hoursNotKept = rule({
  code: 'hours-not-kept',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'physics',
  find: hours,
});
