import { messages } from '../../../messages';

export const say = messages({
  add: (name: string) => `add ${name}`,
  publicHolidays: 'Public holidays',
  calendar: (count: number) => `Calendar ${count}`,
  calendar2: 'Calendar',
  fromAnIcalendarFile: 'From an iCalendar file',
  icalendarFile: 'iCalendar file',
  noDaysOffYet: 'No days off yet',
  dayOffOtherHours:
    'On a day off other hours hold: none, or shorter ones. Which hours mind which calendar is said at Hours.',
  replaceTheDaysOf: (calendar: string) => `replace the days of ${calendar}`,
  nowEntriesUndoBrings: (calendar: string, count: number) =>
    `${calendar} now has ${count} entries. Undo brings the ones before back.`,
});
