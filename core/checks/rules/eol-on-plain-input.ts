import { endOfLine } from '../analyses/endOfLine';
import { rule } from '../violation';

export const eolOnPlainInput = rule({
  code: 'eol-on-plain-input',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: endOfLine,
});
