import { levers } from '../analyses/levers';
import { rule } from '../violation';

export const leverUnheard = rule({
  code: 'lever-unheard',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: levers,
});
