import * as z from 'zod';
import { above, between, word } from '../fields/index';

/** What the schema of a device type is made of. */

/** Id of a part, a setting, a state or a value of a choice. */
export const name = word(40);
/** Id of a terminal. */
export const pin = word(12);
export const finite = between(-1e9, 1e9);
export const positive = above(0, 1e9);

/** A number of the type itself, or one chosen by a setting such as a voltage jumper. */
export const param = z.union([positive, z.strictObject({ setting: name, values: z.record(name, positive) })]);

/** What kind of current a part is made for. */
export const current = z.enum(['dc', 'ac', 'both']);
