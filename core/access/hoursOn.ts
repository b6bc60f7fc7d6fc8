import { DAY_MINUTES } from '../fields/index';
import { findIn, type DayOff, type Hours, type Plan } from '../plan/index';
import { isWithin, weekdayOf, type Day } from './day';
import { joined, type Span } from './spans';

/** What hours come to on one day, and what decides them: the week, or a day of a calendar. */
export interface DayHours {
  readonly spans: readonly Span[];
  readonly by:
    { readonly kind: 'week' } | { readonly kind: 'holiday'; readonly calendar: string; readonly day: string };
}

const BY_WEEK = { kind: 'week' } as const;

/** The first day off of a calendar that this day is; null where it is none. */
export function dayOffIn(plan: Plan, calendar: string, day: Day): DayOff | null {
  return findIn(plan.calendars, calendar)?.days.find((off) => isWithin(day, off)) ?? null;
}

/**
 * Hours of one day. A row that goes on past midnight belongs to two days, and each part follows its own: on a holiday only the
 * holiday's stretches hold, from midnight to midnight.
 */
export function hoursOn(plan: Plan, hours: Hours, day: Day): DayHours {
  const known = found(plan, hours);
  const kept = known.get(day);
  if (kept) return kept;
  const worked = workOut(plan, hours, day);
  known.set(day, worked);
  return worked;
}

function workOut(plan: Plan, hours: Hours, day: Day): DayHours {
  for (const { calendar, spans } of hours.holidays) {
    const off = dayOffIn(plan, calendar, day);
    if (off) return { spans: joined(spans), by: { kind: 'holiday', calendar, day: off.name } };
  }
  return { spans: byWeek(hours)[weekdayOf(day) - 1]!, by: BY_WEEK };
}

const weeks = new WeakMap<Hours, readonly (readonly Span[])[]>();

/** The seven days of a week without holidays, Monday first. */
function byWeek(hours: Hours): readonly (readonly Span[])[] {
  const known = weeks.get(hours);
  if (known) return known;
  const days: Span[][] = Array.from({ length: 7 }, () => []);
  for (const { days: on, from, to } of hours.rows)
    for (const weekday of on) {
      days[weekday - 1]!.push({ from, to: from < to ? to : DAY_MINUTES });
      if (to <= from && to > 0) days[weekday % 7]!.push({ from: 0, to });
    }
  const week = days.map(joined);
  weeks.set(hours, week);
  return week;
}

const days = new WeakMap<Hours, { readonly calendars: Plan['calendars']; readonly by: Map<Day, DayHours> }>();

/** What is known of these hours already, as long as no calendar has changed. */
function found({ calendars }: Plan, hours: Hours): Map<Day, DayHours> {
  const known = days.get(hours);
  if (known?.calendars === calendars) return known.by;
  const by = new Map<Day, DayHours>();
  days.set(hours, { calendars, by });
  return by;
}
