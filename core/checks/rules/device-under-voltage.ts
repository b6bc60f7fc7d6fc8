import { voltages } from '../analyses/voltages';
import { rule } from '../violation';

export const deviceUnderVoltage = rule({
  code: 'device-under-voltage',
  family: 'P',
  station: 'power',
  severity: 'fix',
  basis: 'rating',
  find: voltages,
});
