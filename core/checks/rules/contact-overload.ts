import { damages } from '../analyses/damages';
import { rule } from '../hit';

export const contactOverload = rule({
  code: 'contact-overload',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
