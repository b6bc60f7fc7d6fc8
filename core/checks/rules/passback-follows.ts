import { passback } from '../analyses/passback';
import { rule } from '../hit';

export const passbackFollows = rule({
  code: 'passback-follows',
  family: 'C',
  station: 'timing',
  severity: 'note',
  basis: 'physics',
  find: passback,
});
