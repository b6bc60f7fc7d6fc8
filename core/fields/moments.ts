import * as z from 'zod';
import { whole } from './number';

/** Minutes of a day as a wall clock shows it. */
export const DAY_MINUTES = 1440;

/** A day of the calendar: `2026-11-26`. */
export const date = z.iso.date('must be a day such as 2026-11-26');

/** A stretch of one day, in minutes after midnight; the end itself is not part of it. */
export const span = z
  .strictObject({ from: whole(0, DAY_MINUTES - 1), to: whole(1, DAY_MINUTES) })
  .refine(({ from, to }) => from < to, 'must end after it begins');

/** Days of the week as ISO 8601 counts them: 1 is Monday. */
export const weekdays = z
  .array(whole(1, 7))
  .min(1)
  .max(7)
  .refine((days) => days.every((day, index) => index === 0 || days[index - 1]! < day), {
    error: 'must name each day once, in order',
  });
