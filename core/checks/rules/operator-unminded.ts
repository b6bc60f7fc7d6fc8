import { operators } from '../analyses/operators';
import { rule } from '../violation';

export const operatorUnminded = rule({
  code: 'operator-unminded',
  family: 'R',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: operators,
});
