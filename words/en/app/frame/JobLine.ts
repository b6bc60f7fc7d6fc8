import { messages } from '../../../messages';

export const say = messages({
  begun: 'begun',
  settled: 'done',
  somethingToSettle: 'something to fix',
  somethingToConsider: 'something to consider',
  notBegun: 'not begun',
  stations: 'Stations',
});
