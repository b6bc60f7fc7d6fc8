import * as z from 'zod';
import { kindOf, name } from '../shape';

/** A contact while it sees a hand or somebody who moves, for as long as its board is fed. */
export const sensor = kindOf('sensor', {
  state: name,
  board: name,
  /**
   * What makes it close: a `hand` held there on purpose, or whoever is `walking` up, on purpose or not. Where nothing is said, neither is
   * taken for granted.
   */
  sees: z.enum(['hand', 'walking']).optional(),
});
