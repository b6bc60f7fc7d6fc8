import { levers } from '../analyses/levers';
import { rule } from '../hit';

export const leverUnheard = rule({
  code: 'lever-unheard',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: levers,
});
