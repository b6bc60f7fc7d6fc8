import { leafSeen } from '../analyses/leafSeen';
import { rule } from '../violation';

export const leafMisread = rule({
  code: 'leaf-misread',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: leafSeen,
});
