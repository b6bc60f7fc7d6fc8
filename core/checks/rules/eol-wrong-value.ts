import { endOfLine } from '../analyses/endOfLine';
import { rule } from '../violation';

export const eolWrongValue = rule({
  code: 'eol-wrong-value',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: endOfLine,
});
