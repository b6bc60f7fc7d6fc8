import { readerPorts } from '../analyses/readerPorts';
import { rule } from '../violation';

export const wrongPort = rule({
  code: 'wrong-port',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: readerPorts,
});
