import { driveForce } from '../analyses/driveForce';
import { rule } from '../violation';

export const lowEnergyByMotion = rule({
  code: 'low-energy-by-motion',
  family: 'R',
  station: 'wire',
  severity: 'fix',
  basis: 'local-code',
  find: driveForce,
});
