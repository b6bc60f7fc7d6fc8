import { readerPorts } from '../analyses/readerPorts';
import { rule } from '../violation';

export const portShared = rule({
  code: 'port-shared',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: readerPorts,
});
