import * as z from 'zod';
import { kindOf, name } from '../shape';
import { FOLLOWED } from './followed';

/**
 * An output besides its relays: a bell or alarm relay, a lamp, a sounder. It sets `state` while, or for a moment when, what
 * it follows is so: always the same, or what a setting says (`none` among its values: nothing).
 */
export const output = kindOf('output', {
  board: name,
  state: name,
  follows: z.union([z.enum(FOLLOWED), z.strictObject({ setting: name })]),
});
