import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../violation';

export const intercomNoAnswer = rule({
  code: 'intercom-no-answer',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: setConflicts,
});
