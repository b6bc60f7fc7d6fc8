import { topology } from '../analyses/topology';
import { rule } from '../violation';

export const busOverloaded = rule({
  code: 'bus-overloaded',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: topology,
});
