import { menuInputs } from '../analyses/menuInputs';
import { rule } from '../violation';

export const inputUnset = rule({
  code: 'input-unset',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: menuInputs,
});
