import { keypads } from '../analyses/keypads';
import { rule } from '../hit';

export const codeRefused = rule({
  code: 'code-refused',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'rating',
  find: keypads,
});
