import ICAL from 'ical.js';
import { addDays } from '../../access/day';
import type { Calendar } from '../../plan/index';

/** A calendar as an iCalendar file (RFC 5545), one whole-day event for each day off. `stamp` is when it is written, ISO 8601 in UTC. */
export function writeCalendar(calendar: Calendar, site: string, stamp: string): string {
  const file = new ICAL.Component('vcalendar');
  file.updatePropertyWithValue('version', '2.0');
  file.updatePropertyWithValue('prodid', '-//Aldaba//Days off//EN');
  file.updatePropertyWithValue('x-wr-calname', calendar.name);
  calendar.days.forEach((off, index) => {
    const event = new ICAL.Component('vevent');
    event.updatePropertyWithValue('uid', `${site}-${calendar.id}-${index + 1}@aldaba.invalid`);
    event.updatePropertyWithValue('dtstamp', ICAL.Time.fromDateTimeString(stamp));
    event.updatePropertyWithValue('summary', off.name);
    event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(off.from));
    event.updatePropertyWithValue('dtend', ICAL.Time.fromDateString(addDays(off.to, 1)));
    event.updatePropertyWithValue('transp', 'TRANSPARENT');
    if (off.yearly) event.updatePropertyWithValue('rrule', ICAL.Recur.fromString('FREQ=YEARLY'));
    file.addSubcomponent(event);
  });
  return `${file.toString()}\r\n`;
}
