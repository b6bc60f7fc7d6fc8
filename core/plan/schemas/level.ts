import * as z from 'zod';
import { addressId, date, innerId, line, span, whole } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** Doors with the hours at which they open; at all hours where none are named. */
const grantSchema = z.strictObject({
  doors: z.array(addressId).max(2000),
  hours: innerId().nullable().default(null),
});

/** Days on which only these stretches hold, at these doors, or at all of the level where none is named. No stretch: not at all. */
const exceptionSchema = z
  .strictObject({
    name: line(80, 1),
    from: date,
    to: date,
    doors: z.array(addressId).max(2000).default([]),
    spans: z.array(span).max(20),
  })
  .refine(({ from, to }) => from <= to, 'must not end before it begins');

/** An access level: which doors its people open, and when. */
export const levelSchema = z.strictObject({
  id: innerId(),
  name: line(80, 1),
  order: whole(0, 1_000_000).default(0),
  grants: z.array(grantSchema).max(100),
  /** Groups of people that hold it, besides those who are given it by name. */
  groups: z.array(line(80, 1)).max(100).default([]),
  exceptions: z.array(exceptionSchema).max(200).default([]),
  /** Opens doors outside their opening hours too. */
  overrides: z.boolean().default(false),
  /** The last day on which it opens anything. */
  until: date.nullable().default(null),
});

export type Level = Frozen<z.output<typeof levelSchema>>;
export type Grant = Level['grants'][number];
export type Exception = Level['exceptions'][number];
