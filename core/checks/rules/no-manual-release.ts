import { manualRelease } from '../analyses/manualRelease';
import { rule } from '../violation';

export const noManualRelease = rule({
  code: 'no-manual-release',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'local-code',
  find: manualRelease,
});
