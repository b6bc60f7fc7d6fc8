import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../violation';

export const channelBeyond = rule({
  code: 'channel-beyond',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: setConflicts,
});
