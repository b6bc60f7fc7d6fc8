import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const keypadUnknown = rule({
  code: 'keypad-unknown',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
