import { z } from 'zod';
import { between, card, code, innerId, word } from '../../fields/index';
import { findIn } from '../plan';
import type { Frozen } from './frozen';
import { describe } from './kind';

/** What one slot of a keypad holds. */
const slotSchema = z.strictObject({ code: code.nullable(), card: card.nullable() });

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

export const MEMORIES = describe('memories', {
  list: 'keypads',
  as: 'memory',
  word: 'keypad memory',
  key: 'device',
  schema: memorySchema,
  verbs: { put: 'setMemory' },
  fixed: ['device'],
  most: 20_000,
  refs: [{ to: 'devices', of: ({ device }) => [{ id: device, at: 'device' }], onGone: 'goes' }],
  secrets: 'all',
  doors: ({ device }, plan) => {
    const door = findIn(plan.devices, device)?.door ?? null;
    return door === null ? [] : [door];
  },
  everywhere: (plan, { device }) => findIn(plan.devices, device)?.door === null,
});
