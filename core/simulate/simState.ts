import type { Feed, InputReading, OperatingPoint } from '../circuit/index';

/** Everything that changes while a door is simulated. Immutable: a situation forks from rest for free. */
export interface SimState {
  /** Milliseconds since the simulation began. */
  readonly now: number;
  readonly sequence: number;
  readonly states: ReadonlySet<string>;
  readonly feeds: ReadonlyMap<string, Feed>;
  /** Charge left in each battery, ampere-hours, by source branch id. */
  readonly charge: ReadonlyMap<string, number>;
  readonly cut: ReadonlySet<string>;
  readonly failed: ReadonlySet<string>;
  /** Devices whose program has stopped; their relays stay as they are. */
  readonly hung: ReadonlySet<string>;
  readonly doorOpen: boolean;
  /** The network is there; what is fed over its cable is dead without it. */
  readonly network: boolean;
  /** A lockdown is called for the whole site. */
  readonly lockdown: boolean;
  /** The hours of free passage are on, by the clock. */
  readonly hours: boolean;
  /** What behaviours remember, by device id. */
  readonly memory: Readonly<Record<string, Memory>>;
  readonly queue: readonly Timer[];
  readonly readings: ReadonlyMap<string, InputReading>;
  readonly boards: ReadonlyMap<string, boolean>;
  readonly alarms: ReadonlySet<Alarm>;
  readonly point: OperatingPoint;
  /** Behaviours kept changing each other without end. */
  readonly unstable: boolean;
}

export type Memory = Readonly<Record<string, number | boolean | string>>;

export type Alarm = 'forced' | 'held-open' | 'tamper';

/** Due in order of time, then of sequence: no tie is left to chance. */
export interface Timer {
  readonly at: number;
  readonly sequence: number;
  readonly device: string;
  readonly name: string;
}

/** What people and the world do to a door. */
export type Stimulus =
  | {
      readonly kind: 'credential';
      readonly valid: boolean;
      readonly device?: string;
      readonly output?: number;
      /** Tells one person from another, where that matters. */
      readonly who?: number;
    }
  | { readonly kind: 'press'; readonly device: string; readonly key?: string }
  /** Somebody pushes or pulls; where a door has two leaves the one that gives way opens, and by force the one that is named. */
  | {
      readonly kind: 'openDoor';
      readonly from: 'inside' | 'outside' | 'force' | 'key';
      readonly leaf?: 1 | 2;
    }
  | { readonly kind: 'closeDoor' }
  /** The leaves of the other doors that wires join to this one: they open, or they are all shut again. */
  | { readonly kind: 'otherDoors'; readonly open: boolean }
  | { readonly kind: 'breakGlass'; readonly device: string }
  | { readonly kind: 'resetGlass'; readonly device: string }
  /** An alarm at every fire relay of the circuit, or at one alone. */
  | { readonly kind: 'fire'; readonly device?: string }
  /** The panel is reset, or its cable burns through: the alarm no longer reaches the relay. */
  | { readonly kind: 'fireGone' }
  /** Somebody resets latched fire relays with a key. */
  | { readonly kind: 'fireReset' }
  | { readonly kind: 'mains'; readonly on: boolean }
  /** The network of this door's devices is lost: switch or cable; or it is back. */
  | { readonly kind: 'network'; readonly on: boolean }
  /** A lockdown of the site is called over the network, or is over. */
  | { readonly kind: 'lockdown'; readonly on: boolean }
  /** The hours of free passage begin, or end. */
  | { readonly kind: 'hours'; readonly on: boolean }
  | { readonly kind: 'batteryAt'; readonly share: number }
  /** No supply gives anything, battery and all, or those of some devices; then they are back. */
  | { readonly kind: 'dead'; readonly on: boolean; readonly devices?: readonly string[] }
  /** Somebody puts new fuses into a device. */
  | { readonly kind: 'newFuses'; readonly device: string }
  | { readonly kind: 'cut'; readonly conductor: string }
  | { readonly kind: 'mend'; readonly conductor: string }
  /** The programs of these devices stop, all at one moment. */
  | { readonly kind: 'hang'; readonly devices: readonly string[] }
  /** Devices whose program had stopped are started again: they have forgotten what they were doing. */
  | { readonly kind: 'restart'; readonly devices: readonly string[] }
  /** Their boards die. */
  | { readonly kind: 'fail'; readonly devices: readonly string[] };

/** What a step tells whoever watches. */
export type Effect = { readonly at: number } & (
  | { readonly kind: 'relay'; readonly state: string; readonly on: boolean }
  | { readonly kind: 'door'; readonly open: boolean }
  /** By branch id. */
  | { readonly kind: 'fuse'; readonly fuse: string; readonly device: string }
  | { readonly kind: 'door-refused' }
  | { readonly kind: 'alarm'; readonly alarm: Alarm; readonly on: boolean }
  | { readonly kind: 'card-read'; readonly device: string; readonly outcome: CardOutcome }
  | { readonly kind: 'accepted'; readonly device: string }
  | { readonly kind: 'refused'; readonly device: string }
  /** A card came from the side on which its person is not believed to be. */
  | { readonly kind: 'passback'; readonly device: string }
  | { readonly kind: 'no-answer'; readonly device: string }
);

/** What became of a card's bits on their way to the controller. */
export type CardOutcome =
  | 'read'
  | 'reader-dead'
  | 'nothing-arrives'
  | 'one-line-missing'
  | 'lines-swapped'
  | 'no-common'
  | 'address-clash';
