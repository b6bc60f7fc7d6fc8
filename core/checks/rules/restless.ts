import { chatter } from '../analyses/chatter';
import { rule } from '../violation';

export const restless = rule({
  code: 'restless',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: chatter,
});
