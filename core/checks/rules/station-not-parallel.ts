import { stationWiring } from '../analyses/stationWiring';
import { rule } from '../hit';

export const stationNotParallel = rule({
  code: 'station-not-parallel',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: stationWiring,
});
