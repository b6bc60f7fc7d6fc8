import { topology } from '../analyses/topology';
import { rule } from '../violation';

export const busForked = rule({
  code: 'bus-forked',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: topology,
});
