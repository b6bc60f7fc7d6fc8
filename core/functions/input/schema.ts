import * as z from 'zod';
import { doorIndex, kindOf, name } from '../shape';
import { ACTED } from './acted';

/**
 * An input besides exits and door contacts: what it does while it is asked is always the same, or what a setting says (`none`
 * among its values: nothing). It is asked while it is closed; where a setting has the values NO and NC, while it is open at NC.
 */
export const input = kindOf('input', {
  board: name,
  input: name,
  acts: z.union([z.enum(ACTED), z.strictObject({ setting: name })]),
  restSetting: name.optional(),
  /** The door it is for where it is an exit or a contact, from 0: the first where nothing is said. */
  ofChannel: doorIndex.optional(),
});
