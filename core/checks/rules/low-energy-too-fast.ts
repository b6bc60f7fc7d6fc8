import { driveForce } from '../analyses/driveForce';
import { rule } from '../violation';

export const lowEnergyTooFast = rule({
  code: 'low-energy-too-fast',
  family: 'T',
  station: 'timing',
  severity: 'fix',
  basis: 'local-code',
  find: driveForce,
});
