import { fireRelease } from '../analyses/fireRelease';
import { rule } from '../hit';

export const noFireRelease = rule({
  code: 'no-fire-release',
  family: 'R',
  station: 'prove',
  severity: 'caution',
  basis: 'local-code',
  find: fireRelease,
});
