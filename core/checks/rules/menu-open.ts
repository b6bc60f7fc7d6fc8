import { keypads } from '../analyses/keypads';
import { rule } from '../hit';

export const menuOpen = rule({
  code: 'menu-open',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
