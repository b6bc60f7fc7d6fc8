import { cableMakes } from '../analyses/cableMakes';
import { rule } from '../violation';

export const screenBothEnds = rule({
  code: 'screen-both-ends',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: cableMakes,
});
