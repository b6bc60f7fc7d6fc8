import { unfedDevices } from '../analyses/unfedDevices';
import { rule } from '../violation';

export const deviceUnfed = rule({
  code: 'device-unfed',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: unfedDevices,
});
