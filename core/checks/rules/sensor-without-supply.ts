import { unfedDevices } from '../analyses/unfedDevices';
import { rule } from '../violation';

export const sensorWithoutSupply = rule({
  code: 'sensor-without-supply',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: unfedDevices,
});
