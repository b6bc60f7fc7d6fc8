import { levers } from '../analyses/levers';
import { rule } from '../hit';

export const leverUnlocks = rule({
  code: 'lever-unlocks',
  family: 'W',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: levers,
});
