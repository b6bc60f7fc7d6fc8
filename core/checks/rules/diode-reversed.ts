import { suppressionOf } from '../analyses/suppressionOf';
import { rule } from '../violation';

export const diodeReversed = rule({
  code: 'diode-reversed',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: suppressionOf,
});
