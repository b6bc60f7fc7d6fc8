import { duty } from '../analyses/duty';
import { rule } from '../violation';

export const dutyExceeded = rule({
  code: 'duty-exceeded',
  family: 'P',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: duty,
});
