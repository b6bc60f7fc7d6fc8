import { joinedSources } from '../analyses/joinedSources';
import { rule } from '../violation';

export const sourcesJoined = rule({
  code: 'sources-joined',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: joinedSources,
});
