import { completeness } from '../analyses/completeness';
import { rule } from '../violation';

export const noDecider = rule({
  code: 'no-decider',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: completeness,
});
