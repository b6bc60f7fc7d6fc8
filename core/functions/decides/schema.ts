import * as z from 'zod';
import { channel, kindOf, name } from '../shape';

/** Decides who may pass, one channel a door. */
export const decides = kindOf('decides', { board: name, channels: z.array(channel).min(1).max(16) });
