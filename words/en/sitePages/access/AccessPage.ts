import { messages } from '../../../messages';

export const say = messages({
  people: 'People',
  levels: 'Access levels',
  week: 'Week',
  hours: 'Schedules',
  daysOff: 'Holidays',
  cards: 'Cards',
  keypads: 'Keypads',
  accessSeenAs: 'Access, seen as',
  questionsAboutAccess: 'Questions about access',
});
