import { endOfLine } from '../analyses/endOfLine';
import { rule } from '../violation';

export const eolMissing = rule({
  code: 'eol-missing',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: endOfLine,
});
