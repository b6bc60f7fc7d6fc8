import { voltages } from '../analyses/voltages';
import { rule } from '../violation';

export const lockUnderVoltage = rule({
  code: 'lock-under-voltage',
  family: 'P',
  station: 'power',
  severity: 'fix',
  basis: 'rating',
  find: voltages,
});
