import type { ColourCode } from '../units/index';
import type { PoeClass } from './poe';
import type { InterfaceId } from './interfaces';
import type { Param, Part } from './parts';
import type { SettingRole, TextFormat } from './settings';
import type { Roles } from './roles';
import type { SymbolId } from './symbols';

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

/** One door's worth of a controller: which relay, inputs and data lines belong together. */
export interface Channel {
  readonly relay: string;
  readonly exitInput: string;
  /**
   * What the exit input answers to: the moment at which it is asked (edge, where nothing is said), so that one that is asked
   * already never sees a press; or as long as it is asked (level), and at least for its time.
   */
  readonly exitSense?: 'edge' | 'level';
  readonly contactInput: string | null;
  readonly d0Input: string | null;
  readonly d1Input: string | null;
  /** Data lines of the reader on the inside, where a channel takes two. */
  readonly inner?: { readonly d0Input: string; readonly d1Input: string };
  /** What the ids of this channel's settings begin with: `ch1` → `ch1.unlock`. Their roles say what they are for. */
  readonly settings: string;
}

/** One thing that a device does over time. A type does any number of them at once, over its own terminals and settings. */
export type DeviceFunction =
  /** Decides who may pass, one channel a door. */
  | { readonly kind: 'decides'; readonly board: string; readonly channels: readonly Channel[] }
  /**
   * Keys, a finger or a card at the device itself, judged on the spot by what it decides. `bell` is the state that is set
   * while its bell key is pressed; null where it has no such key.
   */
  | { readonly kind: 'ownCodes'; readonly board: string; readonly bell: string | null }
  /**
   * An output besides its relays: a bell or alarm relay, a lamp, a sounder. It sets `state` while, or for a moment when, what
   * it follows is so: always the same, or what a setting says (`none` among its values: nothing).
   */
  | {
      readonly kind: 'output';
      readonly board: string;
      readonly state: string;
      readonly follows: Followed | { readonly setting: string };
    }
  /**
   * A loop through covers and lids, closed while nobody opens one: the tamper alarm lasts until it is closed again. A setting
   * with the values `off` and `on` says whether the loop is used.
   */
  | { readonly kind: 'tamper'; readonly board: string; readonly input: string; readonly usedSetting: string }
  /**
   * An input besides exits and door contacts: what it does while it is asked is always the same, or what a setting says (`none`
   * among its values: nothing). It is asked while it is closed; where a setting has the values NO and NC, while it is open at NC.
   */
  | {
      readonly kind: 'input';
      readonly board: string;
      readonly input: string;
      readonly acts: Acted | { readonly setting: string };
      readonly restSetting?: string;
      /** The door it is for where it is an exit or a contact, from 0: the first where nothing is said. */
      readonly ofChannel?: number;
    }
  /**
   * Its doors as the locks of one room: none is released while another is released or open, where a setting is `on`. A second
   * setting is the time, s, that the room stays shut after one has closed; a third says whether exits wait too (`wait`) or not (`pass`).
   */
  | {
      readonly kind: 'interlock';
      readonly usedSetting: string;
      readonly clearSetting?: string;
      readonly exitsSetting?: string;
    }
  /** Is told who may pass over a network. A setting says what it does by itself while that is lost: see `OFFLINE`. */
  | {
      readonly kind: 'link';
      readonly lostSetting: string;
      /** Setting with the values ignores and heeds: what a lockdown does that is called over the network; without one it is ignored. */
      readonly lockdownSetting?: string;
    }
  /**
   * Keeps the time of day, and the hours that it is sent: of people, and of free passage. What it does with them at each of its doors say
   * settings by role, channel by channel: `free`, `passback`, `forgive`.
   */
  | { readonly kind: 'clock' }
  /** Listens to readers on a bus or a serial line, for the doors by which it decides. */
  | { readonly kind: 'busHost'; readonly board: string; readonly bus: BusPort }
  /** A relay that pulls in for a set time when its input closes. */
  | { readonly kind: 'timer'; readonly board: string; readonly channel: Channel }
  /** `key`: worked with a key, not by a bare hand. */
  | { readonly kind: 'button'; readonly state: string; readonly key?: true }
  /** One contact a key; the first is pressed unless another is named. */
  | { readonly kind: 'keys'; readonly keys: Readonly<Record<string, string>> }
  /** Stays as it was left. */
  | { readonly kind: 'switch'; readonly state: string; readonly key?: true }
  | { readonly kind: 'sensor'; readonly state: string; readonly board: string }
  /** Closes while somebody turns the lever from inside. */
  | { readonly kind: 'lever'; readonly state: string }
  | { readonly kind: 'breakGlass'; readonly state: string }
  | { readonly kind: 'doorContact'; readonly state: string }
  | { readonly kind: 'fireRelay'; readonly state: string; readonly latchSetting: string }
  /** Outputs that drop on a fire input: while it is not closed (NC), or while it is (NO, where a setting says so). */
  | {
      readonly kind: 'fireInput';
      readonly input: string;
      readonly state: string;
      readonly latchSetting: string;
      /** Setting with the values NC and NO; without one the input is a monitored NC. */
      readonly triggerSetting?: string;
    }
  | { readonly kind: 'reader'; readonly board: string; readonly d0: string; readonly d1: string }
  | { readonly kind: 'busReader'; readonly board: string; readonly bus: BusPort }
  | {
      readonly kind: 'operator';
      readonly board: string;
      readonly activate: string;
      /** State of its own relay, which lets a lock go before the leaf moves. */
      readonly relay: string;
      readonly settings: string;
      /** Inputs of a gate drive: shuts at once; stays as it is while open, a stop button; opens again while cut, a safety edge. */
      readonly close?: string;
      readonly stop?: string;
      readonly safety?: string;
      /**
       * What its leaf does while it stands and nothing else holds it: a drive with a worm or a lock of its own `holds` it; one that a
       * hand pushes through `yields`. Where nothing is said, nothing is proven of it.
       */
      readonly leaf?: 'holds' | 'yields';
    };

/** What an output follows: a state, as long as it lasts; or an answer, for a moment. */
export const FOLLOWED = [
  'unlocked',
  'held',
  'forced',
  'tamper',
  'alarm',
  'granted',
  'refused',
  /** The network is lost. */
  'link',
] as const;
export type Followed = (typeof FOLLOWED)[number];

/**
 * What still decides while the network is lost: its own list, as it was sent last; whoever has a card of the site, known or
 * not (facility); nobody's card or code, while exits still work; nothing at all, exits neither.
 */
export const OFFLINE = ['keeps', 'facility', 'refuses', 'nothing'] as const;
export type Offline = (typeof OFFLINE)[number];

/**
 * What an input does while it is asked: releases its door like an exit; tells that its door is shut (contact: closed while it
 * is, whatever its setting says of rest); releases every door for as long as it is asked (fire: by software, never instead of a
 * break in the lock's power); raises the tamper alarm; keeps every door from being released (interlock); refuses cards and codes
 * and locks at once, exits excepted (lockdown); is only reported (aux).
 */
export const ACTED = ['exit', 'contact', 'fire', 'tamper', 'interlock', 'lockdown', 'aux', 'none'] as const;
export type Acted = (typeof ACTED)[number];

export type FunctionKind = DeviceFunction['kind'];

/** Two wires of a multi-drop bus, with the settings that make a device findable on it. */
export interface BusPort {
  readonly a: string;
  readonly b: string;
  /** Terminal of the 0 V that the pair is read against. */
  readonly common: string;
  readonly addressSetting: string | null;
  readonly terminatorSetting: string | null;
  /** Load on the bus in unit loads (a transceiver of 12 kΩ is one). */
  readonly unitLoads: number;
  /** Transmit and receive pairs that cross between two ends, for four-wire links. */
  readonly crossed?: boolean;
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
