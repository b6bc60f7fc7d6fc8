import { scenarios } from '../analyses/scenarios';
import { rule } from '../violation';

export const scenarioDiffers = rule({
  code: 'scenario-differs',
  family: 'T',
  station: 'timing',
  severity: 'caution',
  basis: 'practice',
  find: scenarios,
});
