import { Temporal } from 'temporal-polyfill';
import type { Day } from './day';
import type { Moment } from './mayOpen';

/** A change of the clock on one day: by so many minutes on, or back. */
export interface ClockChange {
  readonly day: Day;
  /** What the clock shows as it is changed, and what it shows then; minutes after midnight. */
  readonly at: number;
  readonly to: number;
}

/** Whether a time zone of the IANA database is known here. */
export function isTimeZone(zone: string): boolean {
  try {
    return Temporal.PlainDate.from('2026-01-01').toZonedDateTime(zone).timeZoneId !== '';
  } catch {
    return false;
  }
}

/** Changes of the clock in the days from the first on, so many of them. Source: the IANA time zone database of the machine. */
export function clockChanges(zone: string, from: Day, days: number): ClockChange[] {
  const found: ClockChange[] = [];
  const start = Temporal.PlainDate.from(from);
  const end = start.add({ days }).toZonedDateTime(zone);
  let at = start.toZonedDateTime(zone).getTimeZoneTransition('next');
  // What falls on the very first instant of the first day is a change of the day before.
  while (at && Temporal.ZonedDateTime.compare(at, end) < 0) {
    const before = at.subtract({ nanoseconds: 1 }).offsetNanoseconds;
    const minutes = (at.offsetNanoseconds - before) / 60e9;
    if (minutes !== 0) {
      const to = at.hour * 60 + at.minute;
      found.push({ day: at.toPlainDate().toString(), at: to - minutes, to });
    }
    at = at.getTimeZoneTransition('next');
  }
  return found;
}

/** What the wall clock of a zone shows at an instant given as ISO 8601 with its offset. */
export function wallClock(zone: string, instant: string): Moment {
  const at = Temporal.Instant.from(instant).toZonedDateTimeISO(zone);
  return { day: at.toPlainDate().toString(), minute: at.hour * 60 + at.minute };
}

/** How often the wall clock shows a moment: once, twice where it is put back over it, never where it is put forward. */
export function timesShown(zone: string, { day, minute }: Moment): 0 | 1 | 2 {
  const plain = Temporal.PlainDate.from(day).toPlainDateTime({
    hour: Math.floor(minute / 60),
    minute: minute % 60,
  });
  const [earlier, later] = (['earlier', 'later'] as const).map((disambiguation) =>
    plain.toZonedDateTime(zone, { disambiguation }),
  );
  if (earlier!.equals(later!)) return 1;
  return earlier!.toPlainDateTime().equals(plain) ? 2 : 0;
}
