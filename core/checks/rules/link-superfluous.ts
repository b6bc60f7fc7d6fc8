import { joinedSources } from '../analyses/joinedSources';
import { rule } from '../violation';

export const linkSuperfluous = rule({
  code: 'link-superfluous',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: joinedSources,
});
