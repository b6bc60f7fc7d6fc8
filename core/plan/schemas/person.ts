import * as z from 'zod';
import { addressId, card, code, date, innerId, line, whole } from '../../fields/index';
import type { Frozen } from './frozen';

export const personSchema = z.strictObject({
  id: innerId(),
  name: line(200, 1),
  role: z.enum(['user', 'administrator']).default('user'),
  /** Doors opened at all hours; what levels open comes on top. */
  doors: z.array(addressId).max(2000).default([]),
  /** Company, department: levels are given to a whole group too. */
  group: line(80).default(''),
  levels: z.array(innerId()).max(100).default([]),
  /** First and last day on which anything is opened; no such limit where there is none. */
  from: date.nullable().default(null),
  until: date.nullable().default(null),
  /** Digits, or empty for none. A secret. */
  code: code.default(''),
  /** A secret as well: who knows the number can copy the card. */
  card: card.nullable().default(null),
  /** Slot this person has in each keypad. */
  slots: z.record(innerId(), whole(0, 99_999)).default({}),
});

export type Person = Frozen<z.output<typeof personSchema>>;
export type CardNumber = NonNullable<Person['card']>;
