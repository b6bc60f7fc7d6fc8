import { suppressionOf } from '../analyses/suppressionOf';
import { rule } from '../violation';

export const noSuppression = rule({
  code: 'no-suppression',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: suppressionOf,
});
