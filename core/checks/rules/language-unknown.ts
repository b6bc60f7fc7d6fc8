import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const languageUnknown = rule({
  code: 'language-unknown',
  family: 'C',
  station: 'program',
  severity: 'fix',
  basis: 'practice',
  find: keypads,
});
