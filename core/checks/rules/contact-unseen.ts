import { unseenContacts } from '../analyses/unseenContacts';
import { rule } from '../violation';

export const contactUnseen = rule({
  code: 'contact-unseen',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'physics',
  find: unseenContacts,
});
