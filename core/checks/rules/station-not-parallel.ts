import { stationWiring } from '../analyses/stationWiring';
import { rule } from '../violation';

export const stationNotParallel = rule({
  code: 'station-not-parallel',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: stationWiring,
});
