import { addresses } from '../analyses/addresses';
import { rule } from '../violation';

export const addressClash = rule({
  code: 'address-clash',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: addresses,
});
