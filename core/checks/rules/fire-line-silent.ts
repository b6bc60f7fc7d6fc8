import { fireCoil } from '../analyses/fireCoil';
import { rule } from '../violation';

export const fireLineSilent = rule({
  code: 'fire-line-silent',
  family: 'R',
  station: 'prove',
  severity: 'caution',
  basis: 'local-code',
  find: fireCoil,
});
