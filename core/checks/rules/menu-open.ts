import { keypads } from '../analyses/keypads';
import { rule } from '../violation';

export const menuOpen = rule({
  code: 'menu-open',
  family: 'C',
  station: 'program',
  severity: 'caution',
  basis: 'practice',
  find: keypads,
});
