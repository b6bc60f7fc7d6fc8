import type { ColourCode, Gauge, Metres } from '../units/index';
import type { DeviceType, Place, SettingValue } from '../devices/index';

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
  /** Device types made at this site, by id with version: `bench-reader@2`. */
  readonly types: Readonly<Record<string, DeviceType>>;
  readonly cables: Readonly<Record<CableId, Cable>>;
}

export type DoorId = string;
export type DeviceId = string;
export type ConductorId = string;
export type PersonId = string;
/** `door id` + `/` + cable name. */
export type CableId = string;
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
  /** Insulation colour by what a conductor does; what is not named here is Aldaba's own choice. */
  readonly colours: Partial<Readonly<Record<ColourRole, ColourCode>>>;
}

/** What a conductor does, as far as its colour is concerned. */
export const COLOUR_ROLES = [
  'plus',
  'minus',
  'exit',
  'exit-common',
  'contact',
  'contact-common',
  'data-0',
  'data-1',
  'bus-a',
  'bus-b',
  'status',
  'alarm',
  'audio',
  'ac-1',
  'ac-2',
  'screen',
] as const;
export type ColourRole = (typeof COLOUR_ROLES)[number];

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
  /** The outer side is in the weather. */
  readonly outdoors: boolean;
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
  /** How this door is wired where practitioners differ; what is not said follows the default. */
  readonly schools: Partial<Schools>;
  readonly notes: string;
}

/** The questions on which practitioners differ, each with the schools Aldaba knows. */
export interface Schools {
  /** Leg of the lock's power that the relay switches. */
  readonly leg: 'plus' | 'minus';
  /** What switches the lock: the terminal's own relay, a supply with a timed relay, a wet output, an operator. */
  readonly release: 'own-relay' | 'timed-supply' | 'wet-output';
  /** Feed of a reader: from the controller's terminals, or from the supply with a common 0 V. */
  readonly readerFeed: 'shared' | 'supply';
  /** Where the fire release cuts: in the lock's own power, or at a supply's fire input. */
  readonly fire: 'lock-power' | 'supply-input';
  /** Contact at a supply's fire input: one that opens on alarm and is monitored so, or one that closes. */
  readonly fireTrigger: 'NC' | 'NO';
  /** How the fire relay of another door reaches this one: by a pair of its own, or on from the door before. */
  readonly fireReach: 'home-run' | 'daisy-chain';
  /** How a bond or bolt contact is reported: on its own input, or in series with the door contact. */
  readonly status: 'own-input' | 'with-contact';
  /** Whether the door contact carries end-of-line resistors. */
  readonly contact: 'plain' | 'end-of-line';
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
  /** Laid by a loop template, for an intercom set or a bus as a whole, or by a person. */
  readonly origin: 'aldaba' | 'set' | 'hand';
}

/** A cable that is pulled: its make-up, and where its screen is earthed. */
export interface Cable {
  readonly id: CableId;
  readonly door: DoorId;
  /** Name that its conductors carry. */
  readonly name: string;
  /** Make-up from the list of cables, `4x0.22s`. */
  readonly make: string;
  /** Ends at which the screen is landed on earth. */
  readonly screen: 'none' | 'enclosure' | 'door' | 'both';
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
  outdoors: false,
  slowWalkers: false,
  readerDistance: 1.5 as Metres,
};

/** Aldaba's choice where nobody says otherwise. */
export const DEFAULT_SCHOOLS: Schools = {
  leg: 'plus',
  release: 'own-relay',
  readerFeed: 'supply',
  fire: 'lock-power',
  fireTrigger: 'NC',
  fireReach: 'home-run',
  status: 'own-input',
  contact: 'plain',
};

/** The school a door follows in every question. */
export const schoolsOf = (door: Pick<Door, 'schools'>): Schools => ({ ...DEFAULT_SCHOOLS, ...door.schools });

/** A site with nothing in it yet. */
export const emptyPlan = (id: string, name: string): Plan => ({
  site: { id, name, address: '', region: 'europe', units: 'metric', notes: '', colours: {} },
  doors: {},
  devices: {},
  conductors: {},
  people: {},
  memories: {},
  readings: {},
  types: {},
  cables: {},
});

export const terminalId = (device: DeviceId, terminal: string): TerminalId => `${device}.${terminal}`;
export const deviceOf = (terminal: TerminalId): DeviceId => terminal.slice(0, terminal.lastIndexOf('.'));
export const pinOf = (terminal: TerminalId): string => terminal.slice(terminal.lastIndexOf('.') + 1);
