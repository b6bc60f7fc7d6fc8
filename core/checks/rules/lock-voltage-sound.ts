import { voltages } from '../analyses/voltages';
import { rule } from '../violation';

export const lockVoltageSound = rule({
  code: 'lock-voltage-sound',
  family: 'P',
  station: 'power',
  severity: 'sound',
  basis: 'physics',
  find: voltages,
});
