import { topology } from '../analyses/topology';
import { rule } from '../violation';

export const busTooLong = rule({
  code: 'bus-too-long',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: topology,
});
