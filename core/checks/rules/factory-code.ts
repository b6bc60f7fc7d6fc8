import { keypads } from '../analyses/keypads';
import { rule } from '../hit';

export const factoryCode = rule({
  code: 'factory-code',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
