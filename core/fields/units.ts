import * as z from 'zod';
import { COLOUR_CODES, parseGauge, type ColourCode, type Gauge, type Metres } from '../units/index';
import { between, whole } from './number';

/** Length of a conductor or a way, metres. */
export const length = (most: number) => between(0, most).transform((value) => value as Metres);

/** A conductor's size. Any way of writing one is read; it is kept in canonical text, `1mm2` or `18AWG`. */
export const gauge = z
  .string()
  .max(20)
  .transform((value, context): Gauge => {
    const parsed = parseGauge(value);
    if (parsed) return parsed;
    context.addIssue({ code: 'custom', message: 'is not a size of wire: write 0.75mm2 or 18AWG' });
    return z.NEVER;
  });

/** Insulation colour, IEC 60757 code. */
export const colour = z.enum(COLOUR_CODES as [string, ...string[]]).transform((value) => value as ColourCode);

/** A card's numbers; how many of them a frame has room for is its format's to say. */
export const card = z.strictObject({
  /** Facility code. */
  facility: whole(0, 4_294_967_295),
  number: whole(0, 4_294_967_295),
});

/** Up to eight digits; empty for none. */
export const code = z.string().regex(/^\d{0,8}$/, 'must be up to eight digits');
