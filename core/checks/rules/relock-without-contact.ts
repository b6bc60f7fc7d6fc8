import { times } from '../analyses/times';
import { rule } from '../violation';

export const relockWithoutContact = rule({
  code: 'relock-without-contact',
  family: 'T',
  station: 'timing',
  severity: 'caution',
  basis: 'physics',
  find: times,
});
