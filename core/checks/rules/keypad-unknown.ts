import { keypads } from '../analyses/keypads';
import { rule } from '../hit';

export const keypadUnknown = rule({
  code: 'keypad-unknown',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
