import type { ColourCode, Gauge, Metres } from '../units/index';
import type { Place, SettingValue } from '../devices/index';

/** The plan of a site. Plain data: it crosses workers, JSON and SQLite unchanged. */
export interface Plan {
  readonly site: Site;
  readonly doors: Readonly<Record<DoorId, Door>>;
  readonly devices: Readonly<Record<DeviceId, Device>>;
  readonly conductors: Readonly<Record<ConductorId, Conductor>>;
  readonly people: Readonly<Record<PersonId, Person>>;
  /** What each keypad is known to hold, as read or keyed in. Keyed by the keypad's device id. */
  readonly memories: Readonly<Record<DeviceId, KeypadRecord>>;
  readonly readings: Readonly<Record<string, Reading>>;
}

export type DoorId = string;
export type DeviceId = string;
export type ConductorId = string;
export type PersonId = string;
/** `device id` + `.` + `terminal`. Terminals hold no dot, so the last dot divides. */
export type TerminalId = string;

export interface Site {
  readonly id: string;
  readonly name: string;
  readonly address: string;
  readonly region: Region;
  /** Unit that lengths are shown in. Stored lengths are always metres. */
  readonly units: 'metric' | 'american';
  readonly notes: string;
}

export type Region = 'europe' | 'uk' | 'north-america' | 'other';

export type DeadState = 'fail-safe' | 'fail-secure';

/** Answers about a door; null means nobody has answered yet, and what hangs on it is not proven. */
export interface Brief {
  readonly protects: 'people' | 'valuables' | 'equipment' | 'general' | null;
  readonly escapeRoute: boolean | null;
  /** A lever or bar that retracts the latch with no power at all. */
  readonly mechanicalEgress: boolean | null;
  /** Rescuers must get in when the power is dead. */
  readonly rescuers: boolean | null;
  readonly fireDoor: boolean | null;
  readonly slowWalkers: boolean;
  /** From the reader or keypad to the handle, in metres. */
  readonly readerDistance: Metres;
}

/** The dead state somebody chose, with the reason when it is not the recommended one. */
export interface DeadStateChoice {
  readonly state: DeadState;
  readonly overrideReason: string | null;
  readonly by: string;
}

export interface Door {
  readonly id: DoorId;
  /** Position in the ledger. */
  readonly order: number;
  readonly name: string;
  readonly brief: Brief;
  readonly deadState: DeadStateChoice | null;
  readonly notes: string;
}

export interface Device {
  readonly id: DeviceId;
  /** Door it belongs to, or null for one that serves the site. */
  readonly door: DoorId | null;
  /** L1, K1, PS1: unique within its door. */
  readonly tag: string;
  readonly type: string;
  readonly place: Place;
  readonly settings: Readonly<Record<string, SettingValue>>;
  readonly notes: string;
}

export interface Conductor {
  readonly id: ConductorId;
  readonly door: DoorId;
  /** Wire number, W01, unique within its door. */
  readonly number: string;
  readonly from: TerminalId;
  readonly to: TerminalId;
  readonly colour: ColourCode;
  readonly gauge: Gauge;
  readonly length: Metres;
  /** Cable it is a core of; empty for a single wire or a link. */
  readonly cable: string;
  /** Laid by a loop template, or by a person. */
  readonly origin: 'aldaba' | 'hand';
}

export interface Person {
  readonly id: PersonId;
  readonly name: string;
  readonly role: 'user' | 'administrator';
  readonly doors: readonly DoorId[];
  /** Digits, or empty for none. A secret. */
  readonly code: string;
  readonly card: CardNumber | null;
  /** Slot this person has in each keypad. */
  readonly slots: Readonly<Record<DeviceId, number>>;
}

export interface CardNumber {
  /** 0-255 in the 26-bit frame. */
  readonly facility: number;
  /** 0-65535 in the 26-bit frame. */
  readonly number: number;
}

/** A keypad's memory as last known. A secret: it holds codes. */
export interface KeypadRecord {
  readonly device: DeviceId;
  readonly programmingCode: string;
  readonly slots: Readonly<Record<number, SlotContent>>;
  /** Seconds, by channel setting id. */
  readonly times: Readonly<Record<string, number>>;
}

export interface SlotContent {
  readonly code: string | null;
  readonly card: CardNumber | null;
}

/** One reading on the check sheet, kept with its date, name and what was expected then. */
export interface Reading {
  readonly id: string;
  readonly door: DoorId;
  /** Check it answers, by the check sheet's stable id. */
  readonly check: string;
  /** Volts, amps, ohms or seconds by the check's unit; null for a yes/no check. */
  readonly value: number | null;
  readonly passed: boolean;
  readonly low: number | null;
  readonly high: number | null;
  readonly by: string;
  /** ISO 8601. */
  readonly at: string;
  readonly note: string;
}

export const EMPTY_BRIEF: Brief = {
  protects: null,
  escapeRoute: null,
  mechanicalEgress: null,
  rescuers: null,
  fireDoor: null,
  slowWalkers: false,
  readerDistance: 1.5 as Metres,
};

/** A site with nothing in it yet. */
export const emptyPlan = (id: string, name: string): Plan => ({
  site: { id, name, address: '', region: 'europe', units: 'metric', notes: '' },
  doors: {},
  devices: {},
  conductors: {},
  people: {},
  memories: {},
  readings: {},
});

export const terminalId = (device: DeviceId, terminal: string): TerminalId => `${device}.${terminal}`;
export const deviceOf = (terminal: TerminalId): DeviceId => terminal.slice(0, terminal.lastIndexOf('.'));
export const pinOf = (terminal: TerminalId): string => terminal.slice(terminal.lastIndexOf('.') + 1);
