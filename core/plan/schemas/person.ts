import * as z from 'zod';
import { addressId, card, code, date, innerId, line, whole } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** A card that was given to somebody, as its print tells. */
const heldCard = card.extend({
  /** The frame it sends. */
  format: innerId().default('bits-26'),
  /** When and by whom it was given out; null and empty where nobody wrote it down. */
  given: date.nullable().default(null),
  by: line(80).default(''),
  /** The day on which it was reported lost: it opens nothing from then on. */
  lost: date.nullable().default(null),
  /** Its own slot, in keypads that keep one card a slot; where none is named, it stands in its person's. */
  slots: z.record(innerId(), whole(0, 99_999)).default({}),
});

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
  /** Secrets as well: who knows the number can copy the card. */
  cards: z.array(heldCard).max(20).default([]),
  /** Fingers read in, at terminals that have them. */
  fingers: whole(0, 10).default(0),
  /** Number of a phone that opens by a call, or is called for it; empty for none. */
  phone: line(40).default(''),
  /** Slot this person has in each keypad. */
  slots: z.record(innerId(), whole(0, 99_999)).default({}),
});

export type Person = Frozen<z.output<typeof personSchema>>;
export type HeldCard = Person['cards'][number];
/** What a reader sees of a card, and a keypad keeps. */
export type CardNumber = Frozen<z.output<typeof card>>;
