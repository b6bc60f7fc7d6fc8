import * as z from 'zod';
import { kindOf, name } from '../shape';

/** A contact while it is pressed. `key`: worked with a key, not by a bare hand. */
export const button = kindOf('button', { state: name, key: z.literal(true).optional() });
