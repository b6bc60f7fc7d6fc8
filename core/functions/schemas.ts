import * as z from 'zod';
import type { Frozen } from '../fields/index';
import { breakGlass } from './breakGlass/schema';
import { busHost } from './busHost/schema';
import { busReader } from './busReader/schema';
import { button } from './button/schema';
import { clock } from './clock/schema';
import { decides } from './decides/schema';
import { delayedEgress } from './delayedEgress/schema';
import { doorContact } from './doorContact/schema';
import { fireInput } from './fireInput/schema';
import { fireRelay } from './fireRelay/schema';
import { input } from './input/schema';
import { interlock } from './interlock/schema';
import { keys } from './keys/schema';
import { lever } from './lever/schema';
import { link } from './link/schema';
import { operator } from './operator/schema';
import { output } from './output/schema';
import { ownCodes } from './ownCodes/schema';
import { reader } from './reader/schema';
import { sensor } from './sensor/schema';
import type { busPort, channel } from './shape';
import { switch_ } from './switch/schema';
import { tamper } from './tamper/schema';
import { timer } from './timer/schema';

/**
 * Everything that a device may do over time, a folder each: what it is made of (schema), what it names and a blank one (names), how it
 * reacts (answers), what people can do at it (offers). A line here is a new kind; what it still lacks elsewhere does not compile.
 */
const SCHEMAS = [
  decides,
  ownCodes,
  busHost,
  output,
  tamper,
  input,
  link,
  clock,
  interlock,
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
  delayedEgress,
] as const;

export const functionSchema = z.discriminatedUnion('kind', SCHEMAS);

/** One thing that a device does over time. A type does any number of them at once, over its own terminals and settings. */
export type DeviceFunction = Frozen<z.output<typeof functionSchema>>;
export type FunctionKind = DeviceFunction['kind'];
/** A function of one kind. */
export type FunctionOf<K extends FunctionKind> = Extract<DeviceFunction, { readonly kind: K }>;

export type Channel = Frozen<z.output<typeof channel>>;
export type BusPort = Frozen<z.output<typeof busPort>>;
