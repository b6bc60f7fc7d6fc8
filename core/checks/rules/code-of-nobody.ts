import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const codeOfNobody = rule({
  code: 'code-of-nobody',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
