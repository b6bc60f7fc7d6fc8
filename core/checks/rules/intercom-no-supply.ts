import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../violation';

export const intercomNoSupply = rule({
  code: 'intercom-no-supply',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: setConflicts,
});
