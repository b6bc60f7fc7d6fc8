import { cableMakes } from '../analyses/cableMakes';
import { rule } from '../violation';

export const cableOverfull = rule({
  code: 'cable-overfull',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: cableMakes,
});
