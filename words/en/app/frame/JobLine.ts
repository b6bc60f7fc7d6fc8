import { messages } from '../../../messages';

export const say = messages({
  somethingToSettle: 'something to settle',
  somethingToConsider: 'something to consider',
  notBegun: 'not begun',
  stations: 'Stations',
});
