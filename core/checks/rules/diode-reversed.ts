import { suppressionOf } from '../analyses/suppressionOf';
import { rule } from '../hit';

export const diodeReversed = rule({
  code: 'diode-reversed',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: suppressionOf,
});
