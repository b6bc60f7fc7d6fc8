import { operators } from '../analyses/operators';
import { rule } from '../violation';

export const operatorTooSoon = rule({
  code: 'operator-too-soon',
  family: 'T',
  station: 'timing',
  severity: 'caution',
  basis: 'practice',
  find: operators,
});
