import { setConflicts } from '../analyses/setConflicts';
import { rule } from '../hit';

export const channelClash = rule({
  code: 'channel-clash',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: setConflicts,
});
