import { topology } from '../analyses/topology';
import { rule } from '../hit';

export const busForked = rule({
  code: 'bus-forked',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: topology,
});
