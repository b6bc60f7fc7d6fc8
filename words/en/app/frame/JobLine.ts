import { messages } from '../../../messages';

export const say = messages({
  begun: 'begun',
  settled: 'settled',
  somethingToSettle: 'something to settle',
  somethingToConsider: 'something to consider',
  notBegun: 'not begun',
  stations: 'Stations',
});
