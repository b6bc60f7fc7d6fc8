import type { Door, Exception, Hours, Person, Plan } from '../plan/index';
import type { Moment } from './mayOpen';

/**
 * The slow twin of `mayOpen`: says of one minute whether a person opens a door, straight from the words of the schema, row by row, with
 * the calendar of the language itself. It keeps nothing and shares nothing with the fast one.
 */
export function naivelyOpens(plan: Plan, person: Person, door: Door, { day, minute }: Moment): boolean {
  const inHours = (id: string | null) => id !== null && isIn(plan, plan.hours[id]!, day, minute);
  if (inHours(door.freePassage)) return true;
  if (person.from !== null && Date.parse(day) < Date.parse(person.from)) return false;
  if (person.until !== null && Date.parse(day) > Date.parse(person.until)) return false;
  const open = door.openingHours === null || inHours(door.openingHours);
  if (person.doors.includes(door.id) && open) return true;
  for (const level of Object.values(plan.levels)) {
    if (!person.levels.includes(level.id) && !level.groups.includes(person.group)) continue;
    if (level.until !== null && Date.parse(day) > Date.parse(level.until)) continue;
    if (!open && !level.overrides) continue;
    for (const grant of level.grants) {
      if (!grant.doors.includes(door.id)) continue;
      const exception = level.exceptions.find((one) => concerns(one, door.id, day));
      const opens = exception
        ? exception.spans.some(({ from, to }) => minute >= from && minute < to)
        : grant.hours === null || isIn(plan, plan.hours[grant.hours]!, day, minute);
      if (opens) return true;
    }
  }
  return false;
}

const concerns = ({ from, to, doors }: Exception, door: string, day: string): boolean =>
  Date.parse(from) <= Date.parse(day) &&
  Date.parse(day) <= Date.parse(to) &&
  (doors.length === 0 || doors.includes(door));

function isIn(plan: Plan, hours: Hours, day: string, minute: number): boolean {
  for (const { calendar, spans } of hours.holidays)
    for (const off of plan.calendars[calendar]!.days)
      if (isOff(off, day)) return spans.some(({ from, to }) => minute >= from && minute < to);
  const today = new Date(day).getUTCDay() || 7;
  const yesterday = today === 1 ? 7 : today - 1;
  return hours.rows.some(({ days, from, to }) => {
    if (from < to) return days.includes(today) && minute >= from && minute < to;
    return (days.includes(today) && minute >= from) || (days.includes(yesterday) && minute < to);
  });
}

/** Every year: the day is looked at as if it were in the year of the first, and in the one after it. */
function isOff({ from, to, yearly }: { from: string; to: string; yearly: boolean }, day: string): boolean {
  if (!yearly) return Date.parse(day) >= Date.parse(from) && Date.parse(day) <= Date.parse(to);
  const year = Number(from.slice(0, 4));
  return [year, year + 1].some((one) => {
    const moved = `${one}${day.slice(4)}`;
    return moved >= from && moved <= to;
  });
}
