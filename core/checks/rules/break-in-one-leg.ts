import { breakGlass } from '../analyses/breakGlass';
import { rule } from '../violation';

export const breakInOneLeg = rule({
  code: 'break-in-one-leg',
  family: 'R',
  station: 'prove',
  severity: 'note',
  basis: 'practice',
  find: breakGlass,
});
