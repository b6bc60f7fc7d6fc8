import * as z from 'zod';
import { between, type Frozen } from '../fields/index';
import { current, finite, name, param, pin, positive } from './shape';

/**
 * The electrical parts a device type is made of. A part always sits between two terminals of its device;
 * a network of parts and conductors is all the engine ever sees.
 */

const ends = {
  id: name,
  /** Terminal of the part's first (for polarised parts: positive) end. */
  a: pin,
  /** Terminal of the part's second (negative, common) end. */
  b: pin,
  /** The part is there only while a setting has one of these values: a jumper, a DIP switch. */
  when: z.strictObject({ setting: name, is: z.array(name).min(1).max(40) }).optional(),
};
const kindOf = <K extends string, S extends z.ZodRawShape>(kind: K, shape: S) =>
  z.strictObject({ kind: z.literal(kind), ...ends, ...shape });

/** A mechanical contact. `state` names a coil of this device or a state that people and behaviours set. */
const contact = kindOf('contact', {
  /** NO closes while the state is true, NC opens while it is true. */
  form: z.enum(['NO', 'NC']),
  state: name,
  /** Electronic part that must be running for the state to count: an unpowered board's relay rests. */
  needs: name.optional(),
  /** State that keeps the contact at rest whatever its own says: a magnet's bond sensor while the door is open. */
  unless: name.optional(),
  ohms: positive,
  maxAmps: positive,
});

/** A solenoid or relay coil with hysteresis. It sets the state named like its own id. */
const coil = kindOf('coil', {
  ohms: param,
  pullInVolts: param,
  dropOutVolts: param,
  maxVolts: param,
  suppressed: z.boolean(),
  /** Direct current unless it says otherwise. */
  current: current.optional(),
});

/** A plain resistive winding, such as a magnet's. */
const load = kindOf('load', {
  ohms: param,
  maxVolts: param,
  suppressed: z.boolean(),
  current: current.optional(),
});

/**
 * A circuit board. Off below `minVolts`; starts again only above `startVolts`; reversed or above `maxVolts`
 * it is recorded as damaged. While on it draws constant current, or constant power above a switching regulator.
 */
const electronic = kindOf('electronic', {
  law: z.enum(['current', 'power']),
  /** Amps by the current law, watts by the power law. */
  draw: positive,
  minVolts: positive,
  startVolts: positive,
  maxVolts: positive,
  current: current.optional(),
});

/** A sealed lead-acid battery behind a supply. Voltages are of the whole battery. */
const battery = z.strictObject({
  ampHours: param,
  fullVolts: positive,
  cutOffVolts: positive,
  ohms: positive,
});

/** A supply output: set voltage behind a resistance, limited in current, with or without a battery behind it. */
const source = kindOf('source', {
  volts: positive,
  /** Relative tolerance of the set voltage: 0.02 is ± 2 %. */
  tolerance: between(0, 0.5),
  ohms: positive,
  maxAmps: positive,
  /** Volts and amps of an alternating source are RMS values. */
  current: z.enum(['dc', 'ac']).optional(),
  battery: battery.optional(),
});

/** A dry input: a pull-up to its own voltage, read between terminal and common while its board runs. */
const input = kindOf('input', {
  pullVolts: positive,
  pullOhms: positive,
  poweredBy: name,
  /** Below this share of the pull voltage the input reads closed, above `openAbove` open, between: unsure. */
  closedBelow: between(0, 1),
  openAbove: between(0, 1),
  /**
   * Watched by end-of-line resistors: between these shares of the pull voltage it reads closed or open, and
   * anything else (a short, a cut pair, a missing resistor) is trouble.
   */
  supervised: z
    .strictObject({ closed: z.tuple([finite, finite]), open: z.tuple([finite, finite]) })
    .optional(),
});

/** A low-level output such as a loudspeaker's or a chime's, which must never be fed. */
const output = kindOf('output', {
  ohms: positive,
  /** Applied voltage it does not survive, volts. */
  maxVolts: positive,
});

/** A varistor: no current below its clamping voltage, either way round. */
const varistor = kindOf('varistor', { clampVolts: positive, ohms: positive });

const diode = kindOf('diode', { forwardVolts: positive, ohms: positive });

const resistor = kindOf('resistor', { ohms: param });

/** A fuse: conducts until more flows than it bears, and then no more until somebody puts in a new one. */
const fuse = kindOf('fuse', {
  /** Rated current, amps. */
  amps: param,
});

/** Two terminals joined inside the device. */
const link = kindOf('link', {});

export const part = z.discriminatedUnion('kind', [
  contact,
  coil,
  load,
  electronic,
  source,
  input,
  output,
  varistor,
  diode,
  resistor,
  fuse,
  link,
]);

export type Param = Frozen<z.output<typeof param>>;
export type Current = z.output<typeof current>;
export type Part = Frozen<z.output<typeof part>>;
export type PartKind = Part['kind'];
/** A part of one kind. */
export type PartOf<K extends PartKind> = Extract<Part, { readonly kind: K }>;
export type BatterySpec = Frozen<z.output<typeof battery>>;
