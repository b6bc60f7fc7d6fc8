import * as z from 'zod';
import { between, card, code, innerId, whole, word } from '../../fields/index';
import type { Frozen } from './frozen';

/** What one slot of a keypad holds. */
const slotSchema = z.strictObject({
  code: code.nullable(),
  card: card.nullable(),
  /** The output it works, where not the first; and whether that stays as it is until it is given again. */
  output: whole(1, 8).optional(),
  toggle: z.boolean().optional(),
});

/** A slot's number, in one way of writing only: `1` and `01` would be one slot. */
const slotNumber = z.string().regex(/^(0|[1-9]\d{0,4})$/, 'must be a slot number without leading zeros');

/** A keypad's memory as last known. A secret: it holds codes. */
export const memorySchema = z.strictObject({
  device: innerId(),
  programmingCode: code,
  slots: z.record(slotNumber, slotSchema),
  /** Seconds, by what the time is for. */
  times: z.record(word(40), between(0, 99_999)),
});

export type SlotContent = Frozen<z.output<typeof slotSchema>>;
export type KeypadRecord = Frozen<Omit<z.output<typeof memorySchema>, 'slots'>> & {
  readonly slots: Readonly<Record<number, SlotContent>>;
};
