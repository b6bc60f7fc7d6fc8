import { sensorLoss } from '../analyses/sensorLoss';
import { rule } from '../violation';

export const sensorLossHolds = rule({
  code: 'sensor-loss-holds',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'local-code',
  find: sensorLoss,
});
