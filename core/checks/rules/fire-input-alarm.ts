import { fireInputs } from '../analyses/fireInputs';
import { rule } from '../violation';

export const fireInputAlarm = rule({
  code: 'fire-input-alarm',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'physics',
  find: fireInputs,
});
