import { fireInputs } from '../analyses/fireInputs';
import { rule } from '../violation';

export const fireInputDeaf = rule({
  code: 'fire-input-deaf',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'physics',
  find: fireInputs,
});
