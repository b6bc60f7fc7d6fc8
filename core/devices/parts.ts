/**
 * The electrical parts a device type is made of. A part always sits between two terminals of its device;
 * a network of parts and conductors is all the engine ever sees.
 */

/** A number of the type itself, or one chosen by a setting such as a voltage jumper. */
export type Param = number | { readonly setting: string; readonly values: Readonly<Record<string, number>> };

/** What kind of current a part is made for. */
export type Current = 'dc' | 'ac' | 'both';

interface Between {
  readonly id: string;
  /** The part is there only while a setting has one of these values: a jumper, a DIP switch. */
  readonly when?: { readonly setting: string; readonly is: readonly string[] };
  /** Terminal of the part's first (for polarised parts: positive) end. */
  readonly a: string;
  /** Terminal of the part's second (negative, common) end. */
  readonly b: string;
}

/** A mechanical contact. `state` names a coil of this device or a state that people and behaviours set. */
export interface ContactPart extends Between {
  readonly kind: 'contact';
  /** NO closes while the state is true, NC opens while it is true. */
  readonly form: 'NO' | 'NC';
  readonly state: string;
  /** Electronic part that must be running for the state to count: an unpowered board's relay rests. */
  readonly needs?: string;
  /** State that keeps the contact at rest whatever its own says: a magnet's bond sensor while the door is open. */
  readonly unless?: string;
  readonly ohms: number;
  readonly maxAmps: number;
}

/** A solenoid or relay coil with hysteresis. It sets the state named like its own id. */
export interface CoilPart extends Between {
  readonly kind: 'coil';
  readonly ohms: Param;
  readonly pullInVolts: Param;
  readonly dropOutVolts: Param;
  readonly maxVolts: Param;
  readonly suppressed: boolean;
  /** Direct current unless it says otherwise. */
  readonly current?: Current;
}

/** A plain resistive winding, such as a magnet's. */
export interface LoadPart extends Between {
  readonly kind: 'load';
  readonly ohms: Param;
  readonly maxVolts: Param;
  readonly suppressed: boolean;
  readonly current?: Current;
}

/**
 * A circuit board. Off below `minVolts`; starts again only above `startVolts`; reversed or above `maxVolts`
 * it is recorded as damaged. While on it draws constant current, or constant power above a switching regulator.
 */
export interface ElectronicPart extends Between {
  readonly kind: 'electronic';
  readonly law: 'current' | 'power';
  /** Amps by the current law, watts by the power law. */
  readonly draw: number;
  readonly minVolts: number;
  readonly startVolts: number;
  readonly maxVolts: number;
  readonly current?: Current;
}

/** A supply output: set voltage behind a resistance, limited in current, with or without a battery behind it. */
export interface SourcePart extends Between {
  readonly kind: 'source';
  readonly volts: number;
  /** Relative tolerance of the set voltage: 0.02 is ± 2 %. */
  readonly tolerance: number;
  readonly ohms: number;
  readonly maxAmps: number;
  readonly battery?: BatterySpec;
  /** Volts and amps of an alternating source are RMS values. */
  readonly current?: 'ac' | 'dc';
}

/** A sealed lead-acid battery behind a supply. Voltages are of the whole battery. */
export interface BatterySpec {
  readonly ampHours: Param;
  readonly fullVolts: number;
  readonly cutOffVolts: number;
  readonly ohms: number;
}

/** A dry input: a pull-up to its own voltage, read between terminal and common while its board runs. */
export interface InputPart extends Between {
  readonly kind: 'input';
  readonly pullVolts: number;
  readonly pullOhms: number;
  readonly poweredBy: string;
  /** Below this share of the pull voltage the input reads closed, above `openAbove` open, between: unsure. */
  readonly closedBelow: number;
  readonly openAbove: number;
  /**
   * Watched by end-of-line resistors: between these shares of the pull voltage it reads closed or open, and
   * anything else (a short, a cut pair, a missing resistor) is trouble.
   */
  readonly supervised?: {
    readonly closed: readonly [number, number];
    readonly open: readonly [number, number];
  };
}

/** A low-level output such as a loudspeaker's or a chime's, which must never be fed. */
export interface OutputPart extends Between {
  readonly kind: 'output';
  readonly ohms: number;
  /** Applied voltage it does not survive, volts. */
  readonly maxVolts: number;
}

/** A varistor: no current below its clamping voltage, either way round. */
export interface VaristorPart extends Between {
  readonly kind: 'varistor';
  readonly clampVolts: number;
  readonly ohms: number;
}

export interface DiodePart extends Between {
  readonly kind: 'diode';
  readonly forwardVolts: number;
  readonly ohms: number;
}

export interface ResistorPart extends Between {
  readonly kind: 'resistor';
  readonly ohms: Param;
}

/** A fuse: conducts until more flows than it bears, and then no more until somebody puts in a new one. */
export interface FusePart extends Between {
  readonly kind: 'fuse';
  /** Rated current, amps. */
  readonly amps: Param;
}

/** Two terminals joined inside the device. */
export interface LinkPart extends Between {
  readonly kind: 'link';
}

export type Part =
  | ContactPart
  | CoilPart
  | LoadPart
  | ElectronicPart
  | SourcePart
  | InputPart
  | OutputPart
  | VaristorPart
  | DiodePart
  | ResistorPart
  | FusePart
  | LinkPart;

export type PartKind = Part['kind'];
