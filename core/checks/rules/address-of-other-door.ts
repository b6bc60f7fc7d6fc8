import { addresses } from '../analyses/addresses';
import { rule } from '../violation';

export const addressOfOtherDoor = rule({
  code: 'address-of-other-door',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: addresses,
});
