import { messages } from '../../../messages';

export const say = messages({
  day: 'Day',
  time: 'Time',
});
