import { times } from '../analyses/times';
import { rule } from '../hit';

export const unlockBelowLeast = rule({
  code: 'unlock-below-least',
  family: 'T',
  station: 'timing',
  severity: 'fix',
  basis: 'practice',
  find: times,
});
