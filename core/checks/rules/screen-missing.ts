import { cableMakes } from '../analyses/cableMakes';
import { rule } from '../violation';

export const screenMissing = rule({
  code: 'screen-missing',
  family: 'D',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: cableMakes,
});
