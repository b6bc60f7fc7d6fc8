import { cableMakes } from '../analyses/cableMakes';
import { rule } from '../hit';

export const screenMissing = rule({
  code: 'screen-missing',
  family: 'D',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: cableMakes,
});
