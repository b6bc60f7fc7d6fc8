import * as z from 'zod';

/** What every text of a plan must be, wherever it comes from: fields that the schemas of all kinds share. */

/** A high or a low surrogate that stands alone: it does not survive UTF-8. */
const LONE_SURROGATE = /\p{Cs}/u;
/** Control characters; line breaks and tabs are let through where a text may have lines. */
const CONTROL = /[\u0000-\u001f\u007f-\u009f\u2028\u2029]/;
const CONTROL_IN_LINES = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

/** One line of text of at most `most` characters. Empty unless `least` says otherwise. */
export const line = (most: number, least = 0) =>
  z
    .string()
    .min(least)
    .max(most)
    .refine((value) => !CONTROL.test(value), 'must be one line without control characters')
    .refine((value) => !LONE_SURROGATE.test(value), 'holds half a character');

/** Text that may have lines. */
export const lines = (most: number) =>
  z
    .string()
    .max(most)
    .refine((value) => !CONTROL_IN_LINES.test(value), 'must not hold control characters')
    .refine((value) => !LONE_SURROGATE.test(value), 'holds half a character');

/** Names that every object answers to: looked up in a plain table they would find what nobody put there. */
const isBuiltIn = (value: string): boolean => value in Object.prototype;

/** A word that is a key of a table: of a setting, a part, an option, a state. */
export const word = (most: number) =>
  line(most, 1).refine((value) => !isBuiltIn(value), 'is a word that Aldaba keeps for itself');

/**
 * An id that stands in addresses and file names: of a site or a door. Letters and digits of any script, spaces,
 * `_` and `-`; it begins with a letter or digit.
 */
export const addressId = word(60).regex(
  /^[\p{L}\p{N}](?:[\p{L}\p{M}\p{N}_ -]*[\p{L}\p{M}\p{N}_-])?$/u,
  'must be letters, digits, spaces, _ and -, and begin with a letter or digit',
);

/** An id inside a site: of a device, a wire, a person. No dot, since a dot divides a device from its terminal. */
export const innerId = (most = 100) =>
  word(most).regex(/^[^\s.](?:[^.]*[^\s.])?$/, 'must not begin or end with a space and must not hold a dot');
