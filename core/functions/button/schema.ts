import * as z from 'zod';
import { kindOf, name } from '../shape';

/**
 * A contact while it is pressed. `key`: worked with a key, not by a bare hand. `holdSetting`: seconds for which it stays pressed by itself,
 * by air or a spring and without any supply.
 */
export const button = kindOf('button', {
  state: name,
  key: z.literal(true).optional(),
  holdSetting: name.optional(),
});
