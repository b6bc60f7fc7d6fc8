import { cableMakes } from '../analyses/cableMakes';
import { rule } from '../violation';

export const cableSizeDiffers = rule({
  code: 'cable-size-differs',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: cableMakes,
});
