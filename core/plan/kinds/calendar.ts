import { describe } from './kind';

export const CALENDARS = describe('calendars', {
  list: 'calendars',
  as: 'calendar',
  word: 'calendar',
  key: 'id',
  verbs: { add: 'addCalendar', set: 'setCalendar', remove: 'removeCalendar' },
  fixed: ['id'],
  most: 200,
  refs: [],
  secrets: {},
  doors: () => [],
});
