import ICAL from 'ical.js';
import { addDays, type Day } from '../../access/day';
import type { Calendar, DayOff } from '../../plan/index';

/** An event that gives no day off, with the reason. */
export interface LeftOut {
  readonly name: string;
  readonly why: 'has-hours' | 'no-day' | 'too-many';
}

export type CalendarRead =
  | {
      readonly ok: true;
      readonly name: string;
      readonly days: readonly DayOff[];
      readonly leftOut: readonly LeftOut[];
      /** Events that come again by a rule of their own, written out one by one to this day; null where there is none. */
      readonly writtenOutTo: Day | null;
    }
  | { readonly ok: false; readonly line: string };

/** A rule that is not simply "every year" is written out so many times. */
const TIMES = 20;
const MOST: number = 1000 satisfies Calendar['days']['length'];

/**
 * Days off of an iCalendar file (RFC 5545): its whole-day events. What comes on the same day every year stays so; any other rule is
 * written out, since holidays that move follow rules of their own.
 */
export function readCalendar(text: string): CalendarRead {
  let component: ICAL.Component;
  try {
    component = new ICAL.Component(ICAL.parse(text) as unknown[]);
  } catch (error) {
    return { ok: false, line: error instanceof Error ? error.message : '' };
  }
  if (component.name !== 'vcalendar') return { ok: false, line: component.name };
  const days: DayOff[] = [];
  const leftOut: LeftOut[] = [];
  let writtenOutTo: Day | null = null;
  for (const entry of component.getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(entry);
    const name = plain(event.summary ?? '');
    const start = event.startDate as ICAL.Time | null;
    if (!start?.isDate) {
      leftOut.push({ name, why: start ? 'has-hours' : 'no-day' });
      continue;
    }
    // The end of a whole-day event is the day after its last.
    const length = Math.max(0, dayCount(start, event.endDate ?? start) - 1);
    const put = (from: Day, yearly: boolean) =>
      days.push({ name: name || 'Day off', from, to: addDays(from, length), yearly });
    if (!event.isRecurring()) put(start.toString(), false);
    else if (isEveryYear(entry)) put(start.toString(), true);
    else {
      const times = event.iterator();
      for (let count = 0; count < TIMES; count += 1) {
        const next = times.next() as ICAL.Time | undefined;
        if (!next) break;
        put(next.toString().slice(0, 10), false);
        const last = next.toString().slice(0, 10);
        if (writtenOutTo === null || last > writtenOutTo) writtenOutTo = last;
      }
    }
  }
  for (const { name } of days.splice(MOST)) leftOut.push({ name, why: 'too-many' });
  const title = component.getFirstPropertyValue('x-wr-calname') ?? component.getFirstPropertyValue('name');
  days.sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : a.name < b.name ? -1 : 1));
  return { ok: true, name: plain(typeof title === 'string' ? title : ''), days, leftOut, writtenOutTo };
}

const dayCount = (start: ICAL.Time, end: ICAL.Time): number =>
  Math.round(end.subtractDateTz(start).toSeconds() / 86_400);

/** Every year on the same day, without an end and without gaps. */
function isEveryYear(entry: ICAL.Component): boolean {
  const rules = entry.getAllProperties('rrule');
  const rule = entry.getFirstPropertyValue('rrule') as ICAL.Recur | null;
  return (
    rules.length === 1 &&
    rule?.freq === 'YEARLY' &&
    rule.interval === 1 &&
    rule.count === null &&
    rule.until === null &&
    Object.keys(rule.parts).every((part) => part === 'BYMONTH' || part === 'BYMONTHDAY') &&
    entry.getAllProperties('exdate').length === 0 &&
    entry.getAllProperties('rdate').length === 0
  );
}

/** A name as the plan takes it: one line of at most 80 characters. */
const plain = (text: string): string =>
  text
    .replace(/[\p{Cc}\p{Cs}\u2028\u2029]+/gu, ' ')
    .trim()
    .slice(0, 80);
