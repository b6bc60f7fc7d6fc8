import type { Part } from './parts';

/** Where a device stands, seen from the door it belongs to. */
export type Place = 'outside' | 'inside' | 'frame' | 'above' | 'enclosure';

export type Family =
  | 'lock'
  | 'supply'
  | 'controller'
  | 'keypad'
  | 'reader'
  | 'exit'
  | 'contact'
  | 'release'
  | 'suppression'
  | 'joint';

export interface Terminal {
  /** As printed on the device; no dots or spaces. */
  readonly id: string;
  readonly maxConductors: number;
  /** What an empty terminal means: nothing, or a device that cannot work. */
  readonly use: 'needed' | 'optional';
}

/** A DIP switch, jumper or menu value of the device. */
export type Setting =
  | {
      readonly id: string;
      readonly label: string;
      readonly kind: 'choice';
      readonly options: readonly { readonly value: string; readonly label: string }[];
      readonly initial: string;
    }
  | {
      readonly id: string;
      readonly label: string;
      readonly kind: 'number';
      readonly unit: string;
      readonly min: number;
      readonly max: number;
      readonly initial: number;
    };

export type SettingValue = string | number;

/** How the mechanism answers to its current. */
export type LockSpec =
  | {
      readonly kind: 'magnet';
      readonly part: string;
      /** Rated holding force in newtons, reached at the rated voltage. */
      readonly forceNewtons: number;
      readonly ratedVolts: { readonly setting: string; readonly values: Readonly<Record<string, number>> };
      /** Share of the rated voltage below which the force is no longer the rated class: 0.85. */
      readonly holdShare: number;
      /** Force below which a person pushes the door open without help, newtons. */
      readonly freeNewtons: number;
    }
  | {
      readonly kind: 'strike';
      readonly coil: string;
      /** Setting whose value is `fail-safe` or `fail-secure`. */
      readonly modeSetting: string;
    };

/** One door's worth of a controller: which relay, inputs and data lines belong together. */
export interface Channel {
  readonly relay: string;
  readonly exitInput: string;
  readonly contactInput: string | null;
  readonly d0Input: string | null;
  readonly d1Input: string | null;
  /** Prefix of this channel's settings: `ch1` → `ch1.unlock`. */
  readonly settings: string;
}

/** What a device does over time, from a list with parameters. */
export type Behaviour =
  | { readonly kind: 'passive' }
  | { readonly kind: 'controller'; readonly board: string; readonly channels: readonly Channel[] }
  | { readonly kind: 'keypad'; readonly board: string; readonly channel: Channel }
  | { readonly kind: 'button'; readonly state: string }
  | { readonly kind: 'sensor'; readonly state: string; readonly board: string }
  | { readonly kind: 'breakGlass'; readonly state: string }
  | { readonly kind: 'doorContact'; readonly state: string }
  | { readonly kind: 'fireRelay'; readonly state: string; readonly latchSetting: string }
  | { readonly kind: 'reader'; readonly board: string; readonly d0: string; readonly d1: string };

export type BehaviourKind = Behaviour['kind'];

/** Terminals by the job they do, so that loop templates need not know device types. */
export interface Roles {
  /** Feeds others. */
  readonly supply?: { readonly plus: string; readonly minus: string };
  /** Is fed. */
  readonly feed?: { readonly plus: string; readonly minus: string };
  readonly lock?: { readonly plus: string; readonly minus: string };
  /** Contacts that switch a lock's power, one per channel. */
  readonly switches?: readonly { readonly com: string; readonly nc: string; readonly no: string }[];
  /** Poles of an emergency or fire contact that sits in the lock's power. */
  readonly breakers?: readonly { readonly com: string; readonly nc: string }[];
  readonly exitInputs?: readonly { readonly input: string; readonly common: string }[];
  readonly contactInputs?: readonly { readonly input: string; readonly common: string }[];
  readonly exitContact?: { readonly a: string; readonly b: string };
  readonly doorContact?: { readonly a: string; readonly b: string };
  readonly dataOut?: { readonly d0: string; readonly d1: string };
  readonly dataInputs?: readonly { readonly d0: string; readonly d1: string }[];
}

/** A type of device, as data. Ratings are typical of the class and belong to no maker. */
export interface DeviceType {
  readonly id: string;
  readonly version: number;
  readonly family: Family;
  readonly name: string;
  /** Two or three words for drawings. */
  readonly short: string;
  readonly description: string;
  /** Letter that tags begin with: L, K, PS, X, C, EB, F, R. */
  readonly tagPrefix: string;
  readonly place: Place;
  readonly terminals: readonly Terminal[];
  readonly parts: readonly Part[];
  readonly settings: readonly Setting[];
  readonly behaviour: Behaviour;
  readonly lock?: LockSpec;
  readonly roles: Roles;
  /** Keypad languages by id, for devices that are programmed at their own keys. */
  readonly language?: string;
}
