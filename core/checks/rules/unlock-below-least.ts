import { times } from '../analyses/times';
import { rule } from '../violation';

export const unlockBelowLeast = rule({
  code: 'unlock-below-least',
  family: 'T',
  station: 'timing',
  severity: 'fix',
  basis: 'practice',
  find: times,
});
