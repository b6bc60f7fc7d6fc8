import { people } from '../analyses/people';
import { rule } from '../violation';

export const codeWeak = rule({
  code: 'code-weak',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: people,
});
