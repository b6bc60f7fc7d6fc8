import * as z from 'zod';
import { between, line, whole, word } from '../fields/index';
import { breakGlass } from '../functions/breakGlass/schema';
import { busReader } from '../functions/busReader/schema';
import { button } from '../functions/button/schema';
import { doorContact } from '../functions/doorContact/schema';
import { fireInput } from '../functions/fireInput/schema';
import { fireRelay } from '../functions/fireRelay/schema';
import { keys } from '../functions/keys/schema';
import { lever } from '../functions/lever/schema';
import { operator } from '../functions/operator/schema';
import { reader } from '../functions/reader/schema';
import { sensor } from '../functions/sensor/schema';
import { switch_ } from '../functions/switch/schema';
import { timer } from '../functions/timer/schema';
import { functionSchema } from '../functions/schemas';
import { busPort, channel, kindOf } from '../functions/shape';
import { bank } from './bank';
import { FAMILIES } from './families';
import { INTERFACES, type InterfaceId } from './interfaces';
import { lock } from './lock';
import { part } from './parts';
import type { PoeClass } from './poe';
import { rolesSchema } from './roles';
import { setting } from './settingSchema';
import { name } from './shape';
import { SYMBOL_IDS, type SymbolId } from './symbols';
import { terminal } from './terminal';

/**
 * Schema of one device type. It checks shapes and ranges; `typeProblems` then checks that names meet: a part's
 * terminals, a contact's state, a table's setting.
 */

/** What types did of old, one thing each: still read. */
const OLD = [
  kindOf('passive', {}),
  kindOf('controller', { board: name, channels: z.array(channel).min(1).max(16), bus: busPort.optional() }),
  kindOf('keypad', { board: name, channels: z.array(channel).min(1).max(4) }),
] as const;
/** Functions that are today as they were then. */
const ALWAYS = [
  timer,
  button,
  keys,
  switch_,
  sensor,
  lever,
  breakGlass,
  doorContact,
  fireRelay,
  fireInput,
  reader,
  busReader,
  operator,
] as const;
const oldBehaviour = z.discriminatedUnion('kind', [...OLD, ...ALWAYS]);

/** A type of device, as data. Ratings are typical of the class and belong to no maker. */
export const deviceTypeSchema = z.strictObject({
  id: z
    .string()
    .max(60)
    .regex(
      /^[a-z0-9][a-z0-9-]*@\d{1,4}$/,
      'must be small letters, digits and dashes with a version, my-reader@1',
    ),
  version: whole(1, 9999),
  family: z.enum(FAMILIES),
  name: line(120, 1),
  /** Two or three words for drawings. */
  short: line(30, 1),
  description: line(400),
  /** Letter that tags begin with: L, K, PS, X, C, EB, F, R. */
  tagPrefix: z.string().regex(/^[A-Z]{1,3}$/, 'must be one to three capital letters'),
  /** Where it stands unless somebody says otherwise, seen from the door it belongs to. */
  place: z.enum(['outside', 'inside', 'frame', 'above', 'enclosure']),
  terminals: z.array(terminal).max(80),
  /** Joints inside the housing that nobody can land a wire on; their names begin with ~. */
  nodes: z
    .array(z.string().regex(/^~[^\s.]{1,11}$/))
    .max(80)
    .optional(),
  parts: z.array(part).max(200),
  settings: z.array(setting).max(80),
  /** Its DIP switches, where their rows mean more than one number. */
  banks: z.array(bank).max(8).optional(),
  /** What it does; none for what only conducts. */
  functions: z.array(functionSchema).max(12).optional(),
  /** The one thing that types of old did. */
  behaviour: oldBehaviour.optional(),
  lock: lock.optional(),
  roles: rolesSchema,
  /** Protection of the housing by IEC 60529, such as IP54. */
  ip: z.string().regex(/^IP\d\d$/, 'must be IP and two digits'),
  /** Our drawn symbol. */
  symbol: z.enum(SYMBOL_IDS as [string, ...string[]]).transform((value) => value as SymbolId),
  /** How many people and cards it holds. */
  capacity: z.strictObject({ users: whole(0, 1_000_000_000), cards: whole(0, 1_000_000_000) }).optional(),
  /** Longest cable of an interface, by the interface that limits it. */
  interfaces: z
    .array(
      z.enum(Object.keys(INTERFACES) as [string, ...string[]]).transform((value) => value as InterfaceId),
    )
    .optional(),
  /** Fed by its network cable, of this class (IEEE 802.3af, at, bt): what a port must give it. */
  poe: z
    .strictObject({
      class: z.union([1, 2, 3, 4, 5, 6, 7, 8].map((n) => z.literal(n as PoeClass))),
    })
    .optional(),
  /** Current that flows for an instant when it is switched on, as a multiple of its running current. */
  inrush: between(1, 50).optional(),
  /** Id of a keypad language, for devices that are programmed at their own keys. */
  language: word(100).optional(),
});
