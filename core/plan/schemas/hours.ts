import * as z from 'zod';
import { innerId, line, span, weekdays, whole, DAY_MINUTES } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** The same stretch on several days of the week. One that ends no later than it begins goes on past midnight. */
const rowSchema = z.strictObject({
  days: weekdays,
  from: whole(0, DAY_MINUTES - 1),
  to: whole(0, DAY_MINUTES),
});

/**
 * Hours by weekday. On a day of a calendar that is named here only its own stretches hold, from midnight to midnight; where two name
 * the day, the first. A calendar that is not named changes nothing.
 */
export const hoursSchema = z.strictObject({
  id: innerId(),
  name: line(80, 1),
  order: whole(0, 1_000_000).default(0),
  rows: z.array(rowSchema).max(50),
  holidays: z
    .array(z.strictObject({ calendar: innerId(), spans: z.array(span).max(20) }))
    .max(50)
    .refine((list) => new Set(list.map(({ calendar }) => calendar)).size === list.length, {
      error: 'must name each calendar once',
    })
    .default([]),
});

export type Hours = Frozen<z.output<typeof hoursSchema>>;
export type HoursRow = Hours['rows'][number];
