/** A pair of terminals. */
export interface Pair {
  readonly plus: string;
  readonly minus: string;
}
export interface Throw {
  readonly com: string;
  readonly nc: string;
  readonly no: string;
}
export interface DryInput {
  readonly input: string;
  readonly common: string;
}

/** Terminals by the job they do, so that loop templates need not know device types. */
export interface Roles {
  /** Feeds others. Several outputs are filled one after another. */
  readonly supply?: Pair;
  /** Outputs meant for locks, where they differ from the others: they drop on a fire input. */
  readonly lockSupply?: Pair;
  /** Is fed. */
  readonly feed?: Pair;
  readonly lock?: Pair;
  /** Terminal pair of each dead state, where the lock chooses by terminal. */
  readonly lockBy?: Readonly<Record<'fail-safe' | 'fail-secure', Pair>>;
  /** More windings, wired in parallel with the first. */
  readonly lockToo?: readonly Pair[];
  /** Contacts that switch a lock's power, one per channel. */
  readonly switches?: readonly Throw[];
  /** Outputs that feed a lock by themselves, one per channel: plus and the switched minus, by dead state. */
  readonly wet?: readonly Readonly<Record<'fail-safe' | 'fail-secure', Pair>>[];
  /** Second relay for the same lock: a hold-open code. */
  readonly second?: Throw;
  /** Poles of an emergency or fire contact that sits in the lock's power. */
  readonly breakers?: readonly { readonly com: string; readonly nc: string }[];
  readonly exitInputs?: readonly DryInput[];
  readonly contactInputs?: readonly DryInput[];
  /** Where a magnet's bond sensor or a bolt's own contact is reported. */
  readonly statusInputs?: readonly DryInput[];
  /** Input that releases everything on the device, closed at rest. */
  readonly fireInput?: DryInput;
  readonly bellInput?: DryInput;
  /** Input that keeps doors shut to those outside. */
  readonly lockdownInput?: DryInput;
  readonly exitContact?: { readonly a: string; readonly b: string };
  /** Second pole of an exit device, for another circuit. */
  readonly exitSecond?: { readonly a: string; readonly b: string };
  readonly doorContact?: { readonly a: string; readonly b: string };
  /** Bond, bolt or latch contact of a lock. */
  readonly statusContact?: { readonly a: string; readonly b: string };
  readonly bellContact?: { readonly a: string; readonly b: string };
  /** Contact that asks for a lockdown. */
  readonly lockdownContact?: { readonly a: string; readonly b: string };
  /** Closed while nothing is in the way of a leaf that a drive moves. */
  readonly safetyContact?: { readonly a: string; readonly b: string };
  /** Closed until somebody stops the drive. */
  readonly stopContact?: { readonly a: string; readonly b: string };
  /** Closed while its lid is on, or its cable whole: for a tamper loop. */
  readonly lidContact?: { readonly a: string; readonly b: string };
  readonly bellOut?: Pair;
  /** Contact of an output that works a siren or a lamp on an alarm. */
  readonly alarmOut?: { readonly a: string; readonly b: string };
  /** Second circuit of a pull station: common and the contact that closes when pulled. */
  readonly alarmContact?: { readonly a: string; readonly b: string };
  /** Line that a pull station or monitor module watches. */
  readonly alarmInput?: DryInput;
  readonly dataOut?: { readonly d0: string; readonly d1: string };
  readonly dataInputs?: readonly { readonly d0: string; readonly d1: string }[];
  readonly innerDataInputs?: readonly { readonly d0: string; readonly d1: string }[];
  readonly coil?: Pair;
  /** Poles of an interposing relay. */
  readonly poles?: readonly Throw[];
  /** A voltage an intercom gives to release a lock. */
  readonly lockVoltage?: Pair;
  /** `fed`: where it feeds the lock itself, by dead state. */
  readonly operator?: {
    readonly activate: DryInput;
    readonly lock: Throw;
    readonly fed?: Readonly<Record<'fail-safe' | 'fail-secure', Pair>>;
  };
  /** Delayed egress: opened by a fire, closed for whoever may pass, closed by a push bar; and the contact that holds a lock of another. */
  readonly egress?: {
    readonly fire: DryInput;
    readonly bypass?: DryInput;
    readonly push?: DryInput;
    readonly holds?: { readonly com: string; readonly nc: string };
  };
  readonly intercom?: IntercomTerminals;
  readonly earth?: string;
}

/** Terminals of an intercom set, by the part a device plays in it. */
export type IntercomTerminals =
  | {
      readonly part: 'door-station';
      readonly line: string;
      readonly common: string;
      readonly minus: string;
      readonly channelSetting: string;
      readonly coresSetting: string;
    }
  | {
      readonly part: 'answering-station';
      readonly plus: string;
      readonly minus: string;
      readonly common: string;
      /** Line and key terminal of each channel. */
      readonly channels: readonly { readonly line: string; readonly key: string }[];
      readonly call: string;
      readonly callIn: string;
    }
  | { readonly part: 'supply'; readonly plus: string; readonly minus: string };
