import { damages } from '../analyses/damages';
import { rule } from '../violation';

export const contactOverload = rule({
  code: 'contact-overload',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'rating',
  find: damages,
});
