import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../hit';

export const intercomSecondSupply = rule({
  code: 'intercom-second-supply',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: setConflicts,
});
