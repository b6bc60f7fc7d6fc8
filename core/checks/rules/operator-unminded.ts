import { operators } from '../analyses/operators';
import { rule } from '../hit';

export const operatorUnminded = rule({
  code: 'operator-unminded',
  family: 'R',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: operators,
});
