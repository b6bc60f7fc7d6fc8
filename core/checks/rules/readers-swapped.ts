import { readerPorts } from '../analyses/readerPorts';
import { rule } from '../violation';

export const readersSwapped = rule({
  code: 'readers-swapped',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: readerPorts,
});
