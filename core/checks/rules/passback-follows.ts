import { passback } from '../analyses/passback';
import { rule } from '../violation';

export const passbackFollows = rule({
  code: 'passback-follows',
  family: 'C',
  station: 'timing',
  severity: 'note',
  basis: 'physics',
  find: passback,
});
