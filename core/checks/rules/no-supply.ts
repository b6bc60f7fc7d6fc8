import { completeness } from '../analyses/completeness';
import { rule } from '../violation';

export const noSupply = rule({
  code: 'no-supply',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: completeness,
});
