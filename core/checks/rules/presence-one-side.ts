import { driveForce } from '../analyses/driveForce';
import { rule } from '../violation';

export const presenceOneSide = rule({
  code: 'presence-one-side',
  family: 'R',
  station: 'wire',
  severity: 'caution',
  basis: 'local-code',
  find: driveForce,
});
