import * as z from 'zod';
import { addressId, between, line, lines } from '../../fields/index';
import type { Frozen } from './frozen';

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
});

export type Reading = Frozen<z.output<typeof readingSchema>>;
