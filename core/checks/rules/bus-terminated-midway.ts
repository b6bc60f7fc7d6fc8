import { topology } from '../analyses/topology';
import { rule } from '../violation';

export const busTerminatedMidway = rule({
  code: 'bus-terminated-midway',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: topology,
});
