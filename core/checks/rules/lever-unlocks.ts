import { levers } from '../analyses/levers';
import { rule } from '../violation';

export const leverUnlocks = rule({
  code: 'lever-unlocks',
  family: 'W',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: levers,
});
