import { networkAddresses } from '../analyses/networkAddresses';
import { rule } from '../violation';

export const networkAddressClash = rule({
  code: 'network-address-clash',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: networkAddresses,
});
