import * as z from 'zod';
import { kindOf, name } from '../shape';

/** Stays as it was left. `key`: worked with a key. */
export const switch_ = kindOf('switch', { state: name, key: z.literal(true).optional() });
