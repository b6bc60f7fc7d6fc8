import * as z from 'zod';
import { date, innerId, line, whole } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** Days on which other hours hold: one, or several in a row; every year by month and day, where so said. */
const dayOffSchema = z
  .strictObject({
    name: line(80, 1),
    from: date,
    /** The last of them. */
    to: date,
    yearly: z.boolean().default(false),
  })
  .refine(({ from, to }) => from <= to, 'must not end before it begins')
  .refine(({ from, to, yearly }) => !yearly || to.slice(0, 4) <= nextYear(from), {
    error: 'must be shorter than a year, where it comes every year',
  });

const nextYear = (day: string): string => String(Number(day.slice(0, 4)) + 1).padStart(4, '0');

/** Holidays of a kind: public ones, those of the house. */
export const calendarSchema = z.strictObject({
  id: innerId(),
  name: line(80, 1),
  order: whole(0, 1_000_000).default(0),
  days: z.array(dayOffSchema).max(1000),
});

export type Calendar = Frozen<z.output<typeof calendarSchema>>;
export type DayOff = Calendar['days'][number];
