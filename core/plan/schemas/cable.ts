import * as z from 'zod';
import { addressId, line } from '../../fields/index';
import { findCableMake } from '../../units/index';
import type { Frozen } from '../../fields/index';

/** A cable that is pulled: its make-up, and where its screen is earthed. */
export const cableSchema = z.strictObject({
  /** `door id` + `/` + cable name. */
  id: line(110, 3),
  door: addressId,
  /** Name that its conductors carry. */
  name: line(40, 1),
  /** Make-up from the list of cables, `4x0.22s`. */
  make: z
    .string()
    .max(20)
    .refine((value) => findCableMake(value) !== undefined, 'is not a make of cable on the list'),
  /** Ends at which the screen is landed on earth. */
  screen: z.enum(['none', 'enclosure', 'door', 'both']).default('none'),
});

export type Cable = Frozen<z.output<typeof cableSchema>>;
