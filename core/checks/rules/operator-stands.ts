import { operators } from '../analyses/operators';
import { rule } from '../violation';

export const operatorStands = rule({
  code: 'operator-stands',
  family: 'R',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: operators,
});
