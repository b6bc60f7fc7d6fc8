import * as z from 'zod';
import { addressId, between, line, lines } from '../../fields/index';
import type { Frozen } from '../../fields/index';

const quantity = between(-1e12, 1e12).nullable();

/** One reading on the check sheet, kept with its date, name and what was expected then. */
export const readingSchema = z.strictObject({
  id: line(200, 1),
  door: addressId,
  /** Check it answers, by the check sheet's stable id. */
  check: line(200, 1),
  /** Volts, amps, ohms or seconds by the check's unit; null for a yes/no check. */
  value: quantity,
  passed: z.boolean(),
  low: quantity,
  high: quantity,
  by: line(200),
  /** ISO 8601. */
  at: z.iso.datetime(),
  note: lines(5000).default(''),
  /** Meter that it was taken with, and its serial number. */
  meter: line(120).default(''),
  serial: line(120).default(''),
  /** Who said that it does not count, when and why: a reading is never wiped out. */
  withdrawn: z
    .strictObject({ by: line(200), at: z.iso.datetime(), reason: line(500) })
    .nullable()
    .default(null),
});

export type Reading = Frozen<z.output<typeof readingSchema>>;
