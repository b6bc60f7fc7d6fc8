import * as z from 'zod';

/** A finite number between two limits, both allowed. Minus zero is zero: JSON cannot tell them apart. */
export const between = (least: number, most: number) =>
  z
    .number()
    .min(least)
    .max(most)
    .transform((value) => (value === 0 ? 0 : value));

/** A whole number between two limits, both allowed. */
export const whole = (least: number, most: number) =>
  z
    .number()
    .int()
    .min(least)
    .max(most)
    .transform((value) => (value === 0 ? 0 : value));

/** A finite number above the first limit, at most the second. */
export const above = (least: number, most: number) => z.number().gt(least).max(most);
