import { times } from '../analyses/times';
import { rule } from '../violation';

export const unlockTooShort = rule({
  code: 'unlock-too-short',
  family: 'T',
  station: 'timing',
  severity: 'caution',
  basis: 'practice',
  find: times,
});
