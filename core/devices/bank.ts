import * as z from 'zod';
import { between, whole } from '../fields/index';
import { name } from './shape';

/** Rows of a bank that say one setting. */
const field = z.strictObject({
  setting: name,
  rows: z.array(whole(1, 32)).min(1).max(16),
  /** A binary number, lowest bit first, or a digit a row for each value, 1 for on: `{ close: '1', time: '0' }`. */
  code: z.union([z.literal('binary'), z.record(name, z.string().regex(/^[01]{1,16}$/))]),
});

/** A bank of DIP switches, its rows counted from 1. */
export const bank = z.strictObject({
  /** What is printed beside it: S1. */
  id: name,
  fields: z.array(field).min(1).max(32),
  /** Settings that must not stand together, by their values: the device does something else then. */
  forbidden: z
    .array(z.record(name, z.union([z.string().max(200), between(-1e6, 1e6)])))
    .max(32)
    .optional(),
});
