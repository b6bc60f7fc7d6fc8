import { breakGlass } from '../analyses/breakGlass';
import { rule } from '../violation';

export const breakNotInLockPower = rule({
  code: 'break-not-in-lock-power',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'local-code',
  find: breakGlass,
});
