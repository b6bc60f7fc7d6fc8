import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const factoryCode = rule({
  code: 'factory-code',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
