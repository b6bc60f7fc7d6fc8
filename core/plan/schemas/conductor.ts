import * as z from 'zod';
import { addressId, colour, gauge, innerId, length, line } from '../../fields/index';
import { ASSUMABLE } from '../assumable';
import type { TerminalId } from '../kinds/terminal';
import type { Frozen } from '../../fields/index';

const terminal = line(130, 3)
  .regex(/^[^\s.][^.]*\.[^.]+$/, 'must be a device, a dot and a terminal')
  .transform((value) => value as TerminalId);

export const conductorSchema = z.strictObject({
  id: innerId(),
  door: addressId,
  /** Wire number, W01, unique within its door. */
  number: line(12, 1),
  from: terminal,
  to: terminal,
  colour,
  gauge,
  length: length(2000),
  /** Cable it is a core of; empty for a single wire or a link. */
  cable: line(40).default(''),
  /** Laid by a loop template, for an intercom set or a bus as a whole, or by a person. */
  origin: z.enum(['aldaba', 'set', 'hand']).default('hand'),
  /** What nobody entered: it stands at what Aldaba assumes, and is said to be so wherever it shows. */
  assumed: z.array(z.enum(ASSUMABLE)).max(3).default([]),
});

export type Conductor = Frozen<z.output<typeof conductorSchema>>;
