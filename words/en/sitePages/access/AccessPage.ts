import { messages } from '../../../messages';

export const say = messages({
  people: 'People',
  levels: 'Levels',
  week: 'Week',
  hours: 'Hours',
  daysOff: 'Days off',
  cards: 'Cards',
  keypads: 'Keypads',
  accessSeenAs: 'Access, seen as',
  questionsAboutAccess: 'Questions about access',
});
