import { unseenContacts } from '../analyses/unseenContacts';
import { rule } from '../violation';

export const contactInverted = rule({
  code: 'contact-inverted',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: unseenContacts,
});
