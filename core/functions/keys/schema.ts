import * as z from 'zod';
import { kindOf, name } from '../shape';

/** Several keys, the state of its contact by the name of each; the first is pressed unless another is named. */
export const keys = kindOf('keys', { keys: z.record(name, name) });
