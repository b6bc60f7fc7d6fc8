import { completeness } from '../analyses/completeness';
import { rule } from '../violation';

export const noLock = rule({
  code: 'no-lock',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: completeness,
});
