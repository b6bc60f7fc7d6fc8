import * as z from 'zod';
import { addressId, colour, line, lines, whole } from '../../fields/index';
import { COLOUR_ROLES } from './colourRoles';
import type { Frozen } from '../../fields/index';

export const siteSchema = z.strictObject({
  id: addressId,
  name: line(200, 1),
  address: lines(5000).default(''),
  region: z.enum(['europe', 'uk', 'north-america', 'other']).default('europe'),
  /** Unit that lengths are shown in. Stored lengths are always metres. */
  /** By the IANA database, `Europe/Berlin`: when the clocks change. Empty where nobody has said. */
  timeZone: line(60).default(''),
  units: z.enum(['metric', 'american']).default('metric'),
  notes: lines(5000).default(''),
  /** Who plans and installs: stands at the head of every pack. */
  company: line(200).default(''),
  contact: line(200).default(''),
  /** Number or name by which the customer and the company know the job. */
  reference: line(80).default(''),
  /** Highest number of a door that was removed: it is on drawings, and is not given again. */
  lastDoor: whole(0, 1_000_000).default(0),
  /** Insulation colour by what a conductor does; what is not named here is Aldaba's own choice. */
  colours: z.partialRecord(z.enum(COLOUR_ROLES), colour).default({}),
});

export type Site = Frozen<z.output<typeof siteSchema>>;
export type Region = Site['region'];
