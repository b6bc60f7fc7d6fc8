import { messages } from '../../../messages';

export const say = messages({
  daysOffIn: (file: string) => `Holidays in ${file}`,
  noIcalendarFileCan: (line: string) =>
    `This is no iCalendar file that can be read${line ? `: ${line}` : ''}. Nothing was changed.`,
  entries: (count: number) => `${count} entries`,
  leftOut: (count: number) => `, ${count} left out`,
  daysMoveYearYear: (dayWords: string) => ` Days that move from year to year are written out to ${dayWords}.`,
  andMore: (count: number) => `and ${count} more`,
  leftOut2: (slice: string, count: number, count2: number) =>
    `Left out: ${slice}${count > 8 ? ` and ${count2} more` : ''}.`,
  addAsACalendar: 'Add as a calendar',
  replace: (calendar: string) => `Replace ${calendar}`,
  notAWholeDay: 'not a whole day',
  noDay: 'no day',
  moreThan1000: 'more than 1000',
});
