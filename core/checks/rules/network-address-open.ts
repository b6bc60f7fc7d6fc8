import { networkAddresses } from '../analyses/networkAddresses';
import { rule } from '../violation';

export const networkAddressOpen = rule({
  code: 'network-address-open',
  family: 'D',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: networkAddresses,
});
