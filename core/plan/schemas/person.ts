import * as z from 'zod';
import { addressId, card, code, innerId, line, whole } from '../../fields/index';
import type { Frozen } from './frozen';

export const personSchema = z.strictObject({
  id: innerId(),
  name: line(200, 1),
  role: z.enum(['user', 'administrator']).default('user'),
  doors: z.array(addressId).max(2000).default([]),
  /** Digits, or empty for none. A secret. */
  code: code.default(''),
  /** A secret as well: who knows the number can copy the card. */
  card: card.nullable().default(null),
  /** Slot this person has in each keypad. */
  slots: z.record(innerId(), whole(0, 99_999)).default({}),
});

export type Person = Frozen<z.output<typeof personSchema>>;
export type CardNumber = NonNullable<Person['card']>;
