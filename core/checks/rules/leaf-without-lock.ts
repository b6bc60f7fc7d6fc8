import { leaves } from '../analyses/leaves';
import { rule } from '../violation';

export const leafWithoutLock = rule({
  code: 'leaf-without-lock',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: leaves,
});
