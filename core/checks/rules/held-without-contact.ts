import { times } from '../analyses/times';
import { rule } from '../violation';

export const heldWithoutContact = rule({
  code: 'held-without-contact',
  family: 'T',
  station: 'timing',
  severity: 'caution',
  basis: 'physics',
  find: times,
});
