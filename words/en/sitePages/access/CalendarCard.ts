import { messages } from '../../../messages';

export const say = messages({
  to: (dayWords: string, dayWords2: string) => `${dayWords} to ${dayWords2}`,
  everyYear: ', every year',
  change: (calendar: string) => `change ${calendar}`,
  nameOfTheCalendar: 'Name of the calendar',
  noHoursMindItYet: 'no schedule follows it yet',
  mindedBy: (minded: string) => `minded by ${minded}`,
  saveAsAnIcalendarFile: (calendar: string) => `Save ${calendar} as an iCalendar file`,
  remove: (calendar: string) => `Remove ${calendar}`,
  remove2: (calendar: string) => `remove ${calendar}`,
  nameOfDay: (index: number) => `Name of day ${index}`,
  firstDayOf: (off: string) => `First day of ${off}`,
  lastDayOf: (off: string) => `Last day of ${off}`,
  everyYear2: 'every year',
  remove3: (off: string) => `Remove ${off}`,
  dayOff: 'Holiday',
  day: 'Day',
});
