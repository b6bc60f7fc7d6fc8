import { brokenLoops } from '../analyses/brokenLoops';
import { rule } from '../violation';

export const loopBroken = rule({
  code: 'loop-broken',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: brokenLoops,
});
