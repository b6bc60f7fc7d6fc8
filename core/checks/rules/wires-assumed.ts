import { assumed } from '../analyses/assumed';
import { rule } from '../hit';

export const wiresAssumed = rule({
  code: 'wires-assumed',
  family: 'P',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: assumed,
});
