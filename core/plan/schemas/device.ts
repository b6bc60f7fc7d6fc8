import * as z from 'zod';
import { addressId, between, innerId, line, lines, word } from '../../fields/index';
import type { Frozen } from '../../fields/index';

export const settingValueSchema = z.union([line(200), between(-1e12, 1e12)]);

export const deviceSchema = z.strictObject({
  id: innerId(),
  /** Door it belongs to, or null for one that serves the site. */
  door: addressId.nullable(),
  /** L1, K1, PS1: unique within its door. */
  tag: line(20, 1).regex(/^[^\s./]+$/, 'must not hold spaces, dots or slashes'),
  type: word(60),
  place: z.enum(['outside', 'inside', 'frame', 'above', 'enclosure']),
  /** The leaf it stands at, where a door has two: the first is the one that people go through, with the handle and the cylinder. */
  leaf: z.union([z.literal(1), z.literal(2)]).default(1),
  settings: z.record(word(40), settingValueSchema).default({}),
  notes: lines(5000).default(''),
});

export type Device = Frozen<z.output<typeof deviceSchema>>;
