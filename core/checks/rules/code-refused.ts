import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const codeRefused = rule({
  code: 'code-refused',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'rating',
  find: keypads,
});
