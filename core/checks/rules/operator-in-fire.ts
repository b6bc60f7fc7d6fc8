import { operatorsInFire } from '../analyses/operatorsInFire';
import { rule } from '../violation';

export const operatorInFire = rule({
  code: 'operator-in-fire',
  family: 'R',
  station: 'wire',
  severity: 'stop',
  basis: 'local-code',
  find: operatorsInFire,
});
