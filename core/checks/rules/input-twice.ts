import { menuInputs } from '../analyses/menuInputs';
import { rule } from '../violation';

export const inputTwice = rule({
  code: 'input-twice',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: menuInputs,
});
