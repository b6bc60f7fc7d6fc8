import { messages } from '../../../messages';

export const say = messages({
  change: (hours: string) => `change ${hours}`,
  nameOfTheHours: 'Name of the schedule',
  remove: (hours: string) => `Remove ${hours}`,
  remove2: (hours: string) => `remove ${hours}`,
  daysOfRow: (index: number) => `Days of row ${index}`,
  row: (index: number) => `Row ${index}`,
  removeRow: (index: number) => `Remove row ${index}`,
  onDaysOf: (calendars: string) => `On days of ${calendars}`,
  shutAllDay: 'closed all day',
  takeNoNoticeOf: (calendars: string) => `Ignore ${calendars}`,
  days: 'Days',
  goesPastMidnightStops: 'What runs past midnight stops there if the next day is a holiday.',
});
