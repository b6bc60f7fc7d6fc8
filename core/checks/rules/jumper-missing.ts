import { stationWiring } from '../analyses/stationWiring';
import { rule } from '../hit';

export const jumperMissing = rule({
  code: 'jumper-missing',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: stationWiring,
});
