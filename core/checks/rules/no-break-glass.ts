import { breakGlass } from '../analyses/breakGlass';
import { rule } from '../violation';

export const noBreakGlass = rule({
  code: 'no-break-glass',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'local-code',
  find: breakGlass,
});
