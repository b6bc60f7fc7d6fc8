import * as z from 'zod';
import { addressId, innerId, line, whole } from '../../fields/index';
import type { Frozen } from '../../fields/index';

/** A part of the building that a fire panel tells of by itself: the relays it trips, and what must come of it. */
export const zoneSchema = z.strictObject({
  id: innerId(),
  name: line(80, 1),
  order: whole(0, 1_000_000).default(0),
  /** Fire relays, by device. */
  relays: z.array(innerId()).max(500),
  /** Doors that must be free when it alarms, and doors that must stay as they are. */
  releases: z.array(addressId).max(2000),
  keeps: z.array(addressId).max(2000),
});

export type Zone = Frozen<z.output<typeof zoneSchema>>;
