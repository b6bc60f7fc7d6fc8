import { people } from '../analyses/people';
import { rule } from '../violation';

export const codeShared = rule({
  code: 'code-shared',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: people,
});
