import { suppressionOf } from '../analyses/suppressionOf';
import { rule } from '../violation';

export const varistorBelowSupply = rule({
  code: 'varistor-below-supply',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: suppressionOf,
});
