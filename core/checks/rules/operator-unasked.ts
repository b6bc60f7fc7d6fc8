import { operators } from '../analyses/operators';
import { rule } from '../violation';

export const operatorUnasked = rule({
  code: 'operator-unasked',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: operators,
});
