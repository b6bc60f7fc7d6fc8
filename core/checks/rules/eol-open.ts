import { endOfLine } from '../analyses/endOfLine';
import { rule } from '../violation';

export const eolOpen = rule({
  code: 'eol-open',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: endOfLine,
});
