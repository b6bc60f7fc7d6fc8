import { messages } from '../../../messages';

export const say = messages({
  change: (hours: string) => `change ${hours}`,
  nameOfTheHours: 'Name of the hours',
  remove: (hours: string) => `Remove ${hours}`,
  remove2: (hours: string) => `remove ${hours}`,
  daysOfRow: (index: number) => `Days of row ${index}`,
  row: (index: number) => `Row ${index}`,
  removeRow: (index: number) => `Remove row ${index}`,
  onDaysOf: (calendars: string) => `On days of ${calendars}`,
  shutAllDay: 'shut all day',
  takeNoNoticeOf: (calendars: string) => `Take no notice of ${calendars}`,
  days: 'Days',
  goesPastMidnightStops: 'What goes past midnight stops there where the next day is a day off.',
});
