import { topology } from '../analyses/topology';
import { rule } from '../hit';

export const busTerminatedMidway = rule({
  code: 'bus-terminated-midway',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: topology,
});
