import type { ColourCode } from '../units/index';
import type { DeviceFunction } from '../functions/schemas';
import type { PoeClass } from './poe';
import type { InterfaceId } from './interfaces';
import type { Param, Part } from './parts';
import type { SettingRole, TextFormat } from './settings';
import type { Roles } from './roles';
import type { SymbolId } from './symbols';

export type { BusPort, Channel, DeviceFunction, FunctionKind } from '../functions/schemas';
export type { Followed } from '../functions/output/followed';
export type { Acted } from '../functions/input/acted';
export type { Offline } from '../functions/link/offlineModes';
export type { DryInput, IntercomTerminals, Pair, Roles, Throw } from './roles';

/** Where a device stands, seen from the door it belongs to. */
export type Place = 'outside' | 'inside' | 'frame' | 'above' | 'enclosure';

export const FAMILIES = [
  'lock',
  'supply',
  'controller',
  'keypad',
  'reader',
  'exit',
  'contact',
  'release',
  'relay',
  'intercom',
  'operator',
  'sounder',
  'network',
  'suppression',
  'joint',
] as const;
export type Family = (typeof FAMILIES)[number];

export interface Terminal {
  /** As printed on the device; no dots or spaces. */
  readonly id: string;
  readonly maxConductors: number;
  /** What an empty terminal means: nothing, or a device that cannot work. */
  readonly use: 'needed' | 'optional';
  /** How a conductor is held. A pigtail is a coloured lead that comes with the device. */
  readonly form?: 'screw' | 'lever' | 'pigtail' | 'plug';
  /** Insulation colour of a pigtail. */
  readonly colour?: ColourCode;
  /** Position in the connector, counted from 1. */
  readonly pin?: number;
  /** Smallest and largest conductor it takes, mm². */
  readonly sizes?: readonly [number, number];
  /** What travels here, for cable and colour: power where nothing else is said. */
  readonly carries?: 'data' | 'audio' | 'bus' | 'signal';
  /** Earth bar or screw: a screen is landed here. */
  readonly earth?: boolean;
}

/** A DIP switch, jumper or menu value of the device. */
export type Setting = {
  readonly id: string;
  readonly label: string;
  /** What it is for, where that is more than the circuit sees. */
  readonly role?: SettingRole;
  /** Which channel it belongs to, from 0, for a role that each channel has. */
  readonly channel?: number;
} & (
  | {
      readonly kind: 'choice';
      readonly options: readonly { readonly value: string; readonly label: string }[];
      readonly initial: string;
    }
  | {
      readonly kind: 'number';
      readonly unit: string;
      readonly min: number;
      readonly max: number;
      readonly initial: number;
      /** Set by this many DIP switches, the first being the lowest bit. */
      readonly dip?: number;
    }
  | {
      readonly kind: 'text';
      /** What a value must look like; an empty value always may stand. */
      readonly format: TextFormat;
      readonly example: string;
      readonly initial: string;
    }
);

export type SettingValue = string | number;

/** A bank of DIP switches, its rows counted from 1. */
export interface DipBank {
  /** What is printed beside it: S1. */
  readonly id: string;
  readonly fields: readonly DipField[];
  /** Settings that must not stand together, by their values: the device does something else then. */
  readonly forbidden?: readonly Readonly<Record<string, SettingValue>>[];
}

/** Rows of a bank that say one setting: as a binary number, lowest bit first, or by a pattern for each of its values. */
export interface DipField {
  readonly setting: string;
  readonly rows: readonly number[];
  /** `{ close: '1', time: '0' }`: a digit a row, 1 for on. */
  readonly code: 'binary' | Readonly<Record<string, string>>;
}

/** How the mechanism answers to its current. */
export type LockSpec =
  | {
      readonly kind: 'magnet';
      /** Windings, each of which holds a leaf. */
      readonly parts: readonly string[];
      /** Rated holding force in newtons, reached at the rated voltage. */
      readonly forceNewtons: number;
      readonly ratedVolts: Param;
      /** Share of the rated voltage below which the force is no longer the rated class: 0.85. */
      readonly holdShare: number;
      /** Force below which a person pushes the door open without help, newtons. */
      readonly freeNewtons: number;
    }
  | {
      readonly kind: 'strike';
      readonly mode: LockMode;
      /** Shear locks and bolts jam when they are thrown before the door is fully shut. */
      readonly jams?: boolean;
      /** A bolt or an armature, no latch: no handle and no key draws it back. So is whatever jams. */
      readonly noHandle?: boolean;
      /** Unlocked, its latch still holds the leaf in the frame until a handle turns: mortise locks. Strikes let go of the latch. */
      readonly keepsLatch?: boolean;
    };

/** What decides whether a lock without power is open. */
export type LockMode =
  /** The setting with this id is `fail-safe` or `fail-secure`. */
  | { readonly by: 'setting'; readonly setting: string; readonly coil: string }
  | { readonly by: 'build'; readonly state: 'fail-safe' | 'fail-secure'; readonly coil: string }
  /** Two supply terminals: the one that is wired decides. */
  | { readonly by: 'terminal'; readonly safe: CoilAt; readonly secure: CoilAt };

export interface CoilAt {
  readonly coil: string;
  readonly terminal: string;
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
  /** Joints inside the housing that nobody can land a wire on; their names begin with ~. */
  readonly nodes?: readonly string[];
  readonly parts: readonly Part[];
  readonly settings: readonly Setting[];
  /** Its DIP switches, where their rows mean more than one number. */
  readonly banks?: readonly DipBank[];
  /** What it does; empty for what only conducts. */
  readonly functions: readonly DeviceFunction[];
  readonly lock?: LockSpec;
  readonly roles: Roles;
  /** Protection of the housing by IEC 60529, such as IP54. */
  readonly ip: string;
  /** Our drawn symbol. */
  readonly symbol: SymbolId;
  /** How many people and cards it holds. */
  readonly capacity?: { readonly users: number; readonly cards: number };
  /** Longest cable of an interface, by the interface that limits it. */
  readonly interfaces?: readonly InterfaceId[];
  /** Fed by its network cable, of this class (IEEE 802.3af, at, bt): what a port must give it. */
  readonly poe?: { readonly class: PoeClass };
  /** Current that flows for an instant when it is switched on, as a multiple of its running current. */
  readonly inrush?: number;
  /** Keypad languages by id, for devices that are programmed at their own keys. */
  readonly language?: string;
}
