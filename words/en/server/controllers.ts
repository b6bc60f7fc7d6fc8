import { messages } from '../../messages';

export const say = messages({
  namesHoursNot: 'names hours that are not there',
  namesLevelNot: 'names a level that is not there',
});
