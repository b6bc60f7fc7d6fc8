import { fireRelease } from '../analyses/fireRelease';
import { rule } from '../violation';

export const noFireRelease = rule({
  code: 'no-fire-release',
  family: 'R',
  station: 'prove',
  severity: 'caution',
  basis: 'local-code',
  find: fireRelease,
});
