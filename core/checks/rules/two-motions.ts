import { motions } from '../analyses/motions';
import { rule } from '../violation';

export const twoMotions = rule({
  code: 'two-motions',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'local-code',
  find: motions,
});
