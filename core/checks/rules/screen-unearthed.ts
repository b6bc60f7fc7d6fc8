import { cableMakes } from '../analyses/cableMakes';
import { rule } from '../violation';

export const screenUnearthed = rule({
  code: 'screen-unearthed',
  family: 'D',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: cableMakes,
});
