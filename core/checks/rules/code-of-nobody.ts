import { keypads } from '../analyses/keypads';
import { rule } from '../hit';

export const codeOfNobody = rule({
  code: 'code-of-nobody',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
