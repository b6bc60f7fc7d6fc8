import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../violation';

export const channelClash = rule({
  code: 'channel-clash',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: setConflicts,
});
