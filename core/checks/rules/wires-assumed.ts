import { assumed } from '../analyses/assumed';
import { rule } from '../violation';

export const wiresAssumed = rule({
  code: 'wires-assumed',
  family: 'P',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: assumed,
});
