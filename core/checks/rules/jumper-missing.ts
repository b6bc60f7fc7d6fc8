import { stationWiring } from '../analyses/stationWiring';
import { rule } from '../violation';

export const jumperMissing = rule({
  code: 'jumper-missing',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: stationWiring,
});
