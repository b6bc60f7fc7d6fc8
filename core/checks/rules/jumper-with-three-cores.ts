import { stationWiring } from '../analyses/stationWiring';
import { rule } from '../violation';

export const jumperWithThreeCores = rule({
  code: 'jumper-with-three-cores',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: stationWiring,
});
