import * as z from 'zod';
import { between, card, code, date, innerId, line, whole, word } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** What one slot of a keypad holds. */
const slotSchema = z.strictObject({
  code: code.nullable(),
  card: card.nullable(),
  /** At a terminal: fingers read in, each by the person's id and which of theirs; `?` is a finger of nobody knows whom. */
  fingers: z.array(line(60, 1)).min(1).max(10).optional(),
  /** True for whoever is let into its menu. */
  administers: z.literal(true).optional(),
  /** The name it shows, in the letters that it has. */
  name: line(80, 1).optional(),
  /** The output it works, where not the first; and whether that stays as it is until it is given again. */
  output: whole(1, 8).optional(),
  toggle: z.boolean().optional(),
  /** Of what nobody knows whether it stands there, and which: of the code, of the card, of either. What is known of the other stands beside it. */
  unknown: z.enum(['code', 'card', 'all']).optional(),
  /** Where this is known from: keyed in by a sheet, read out by a computer, found by somebody who looked; and the day. */
  how: z.enum(['keyed', 'read', 'found']).optional(),
  on: date.optional(),
});

/** A slot's number, in one way of writing only: `1` and `01` would be one slot. */
const slotNumber = z.string().regex(/^(0|[1-9]\d{0,4})$/, 'must be a slot number without leading zeros');

/** A keypad's memory as last known. A secret: it holds codes. */
export const memorySchema = z.strictObject({
  device: innerId(),
  programmingCode: code,
  slots: z.record(slotNumber, slotSchema),
  /** What stands in slots that are not named: nothing, unless nobody has looked. */
  rest: z.literal('unknown').optional(),
  /** Seconds, by what the time is for. */
  times: z.record(word(40), between(0, 99_999)),
});

export type SlotContent = Frozen<z.output<typeof slotSchema>>;
export type KeypadRecord = Frozen<Omit<z.output<typeof memorySchema>, 'slots'>> & {
  readonly slots: Readonly<Record<number, SlotContent>>;
};
