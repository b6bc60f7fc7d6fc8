/** A day of the calendar, `2026-11-26`. Days compare as texts do. */
export type Day = string;

const MS_A_DAY = 86_400_000;

const asUtc = (day: Day): number => Date.parse(`${day}T00:00:00Z`);

/** The day so many days later, or earlier. Plain counting: no zone, no clock change. */
export const addDays = (day: Day, days: number): Day =>
  new Date(asUtc(day) + days * MS_A_DAY).toISOString().slice(0, 10);

/** As ISO 8601 counts: 1 is Monday. */
export const weekdayOf = (day: Day): number => new Date(asUtc(day)).getUTCDay() || 7;

export const mondayOf = (day: Day): Day => addDays(day, 1 - weekdayOf(day));

/** Month and day, by which what comes every year is known. */
const inYear = (day: Day): string => day.slice(5);

/** Whether a day lies in a stretch of days; every year, in one that may go over the end of the year. */
export function isWithin(day: Day, { from, to, yearly }: { from: Day; to: Day; yearly?: boolean }): boolean {
  if (!yearly) return from <= day && day <= to;
  // Every year means from its first year on as well as before it: a calendar is written once and read in any year.
  const [first, last, at] = [inYear(from), inYear(to), inYear(day)];
  return from.slice(0, 4) === to.slice(0, 4) ? first <= at && at <= last : at >= first || at <= last;
}
