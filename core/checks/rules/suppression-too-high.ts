import { suppressionOf } from '../analyses/suppressionOf';
import { rule } from '../violation';

export const suppressionTooHigh = rule({
  code: 'suppression-too-high',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: suppressionOf,
});
