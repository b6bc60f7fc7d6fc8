import { topology } from '../analyses/topology';
import { rule } from '../violation';

export const busUnterminated = rule({
  code: 'bus-unterminated',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: topology,
});
