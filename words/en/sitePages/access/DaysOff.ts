import { messages } from '../../../messages';

export const say = messages({
  add: (name: string) => `add ${name}`,
  publicHolidays: 'Public holidays',
  calendar: (count: number) => `Calendar ${count}`,
  calendar2: 'Calendar',
  fromAnIcalendarFile: 'From an iCalendar file',
  icalendarFile: 'iCalendar file',
  noDaysOffYet: 'No holidays yet',
  dayOffOtherHours:
    'On a holiday other hours apply: none, or shorter ones. Which schedule follows which calendar is set under Schedules.',
  replaceTheDaysOf: (calendar: string) => `replace the days of ${calendar}`,
  nowEntriesUndoBrings: (calendar: string, count: number) =>
    `${calendar} now has ${count} entries. Undo brings the ones before back.`,
});
