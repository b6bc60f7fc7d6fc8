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
  /** `held`: how long a hand stays at it, ms, where that is longer than a short press. */
  | { readonly kind: 'press'; readonly device: string; readonly key?: string; readonly held?: number }
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
