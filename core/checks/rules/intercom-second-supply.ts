import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../violation';

export const intercomSecondSupply = rule({
  code: 'intercom-second-supply',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: setConflicts,
});
