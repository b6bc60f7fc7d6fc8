import * as z from 'zod';
import { whole } from '../fields/index';
import { COLOUR_CODES, type ColourCode } from '../units/index';
import { pin, positive } from './shape';

/** A terminal of a device type. */
export const terminal = z.strictObject({
  /** As printed on the device; no dots or spaces. */
  id: pin,
  maxConductors: whole(1, 64),
  /** What an empty terminal means: nothing, or a device that cannot work. */
  use: z.enum(['needed', 'optional']),
  /** How a conductor is held. A pigtail is a coloured lead that comes with the device. */
  form: z.enum(['screw', 'lever', 'pigtail', 'plug']).optional(),
  /** Insulation colour of a pigtail. */
  colour: z
    .enum(COLOUR_CODES as [string, ...string[]])
    .transform((value) => value as ColourCode)
    .optional(),
  /** Position in the connector, counted from 1. */
  pin: whole(1, 99).optional(),
  /** Smallest and largest conductor it takes, mm². */
  sizes: z.tuple([positive, positive]).optional(),
  /** What travels here, for cable and colour: power where nothing else is said. */
  carries: z.enum(['data', 'audio', 'bus', 'signal']).optional(),
  /** Earth bar or screw: a screen is landed here. */
  earth: z.boolean().optional(),
});
