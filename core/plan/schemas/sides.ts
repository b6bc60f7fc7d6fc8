import * as z from 'zod';
import { addressId, innerId } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** Which spaces lie on the two sides of a door, by the door's id; null where nobody has said. */
export const sidesSchema = z.strictObject({
  id: addressId,
  outside: innerId().nullable().default(null),
  inside: innerId().nullable().default(null),
});

export type Sides = Frozen<z.output<typeof sidesSchema>>;
