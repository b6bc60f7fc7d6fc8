import { operators } from '../analyses/operators';
import { rule } from '../violation';

export const operatorBlocked = rule({
  code: 'operator-blocked',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: operators,
});
