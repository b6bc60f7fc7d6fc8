import * as z from 'zod';
import { line, whole, above, word } from '../fields/index';

/** What the schemas of functions are made of. */

/** Id of a part, a setting or a state of the type. */
export const name = word(40);
/** Id of a terminal. */
export const pin = word(12);

/** A function of one kind. */
export const kindOf = <K extends string, S extends z.ZodRawShape>(kind: K, shape: S) =>
  z.strictObject({ kind: z.literal(kind), ...shape });

/** One door's worth of a controller: which relay, inputs and data lines belong together. */
export const channel = z.strictObject({
  relay: name,
  exitInput: line(40),
  /**
   * What the exit input answers to: the moment at which it is asked (edge, where nothing is said), so that one that is asked
   * already never sees a press; or as long as it is asked (level), and at least for its time.
   */
  exitSense: z.enum(['edge', 'level']).optional(),
  contactInput: name.nullable(),
  d0Input: name.nullable(),
  d1Input: name.nullable(),
  /** Data lines of the reader on the inside, where a channel takes two. */
  inner: z.strictObject({ d0Input: name, d1Input: name }).optional(),
  /** What the ids of this channel's settings begin with: `ch1` → `ch1.unlock`. Their roles say what they are for. */
  settings: name,
});

/** Two wires of a multi-drop bus, with the settings that make a device findable on it. */
export const busPort = z.strictObject({
  a: pin,
  b: pin,
  /** Terminal of the 0 V that the pair is read against. */
  common: pin,
  addressSetting: name.nullable(),
  terminatorSetting: name.nullable(),
  unitLoads: above(0, 32),
  crossed: z.boolean().optional(),
});

/** A door of the device, from 0. */
export const doorIndex = whole(0, 15);
