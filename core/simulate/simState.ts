import type { Feed, InputReading, OperatingPoint } from '../circuit/index';
import type { Alarm, Memory } from '../functions/index';

export type { Alarm, Memory, Stimulus } from '../functions/index';

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

/** Due in order of time, then of sequence: no tie is left to chance. */
export interface Timer {
  readonly at: number;
  readonly sequence: number;
  readonly device: string;
  readonly name: string;
}

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
