import { brokenLoops } from '../analyses/brokenLoops';
import { rule } from '../violation';

export const linkMissing = rule({
  code: 'link-missing',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: brokenLoops,
});
