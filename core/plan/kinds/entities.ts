import type { DeviceType } from '../../devices/index';
import type { Calendar } from '../schemas/calendar';
import type { Cable } from '../schemas/cable';
import type { OwnCardFormat } from '../schemas/cardFormat';
import type { Conductor } from '../schemas/conductor';
import type { Device } from '../schemas/device';
import type { Door } from '../schemas/door';
import type { Hours } from '../schemas/hours';
import type { Leaflet } from '../schemas/language';
import type { Level } from '../schemas/level';
import type { KeypadRecord } from '../schemas/memory';
import type { Person } from '../schemas/person';
import type { Reading } from '../schemas/reading';
import type { Scenario } from '../schemas/scenario';
import type { Sides } from '../schemas/sides';
import type { Space } from '../schemas/space';
import type { Zone } from '../schemas/zone';

/** What each collection of a plan holds. A row here asks for a row in `KINDS`, in the database and in the words. */
export interface Entities {
  readonly types: DeviceType;
  readonly doors: Door;
  readonly devices: Device;
  readonly conductors: Conductor;
  readonly cables: Cable;
  readonly people: Person;
  /** What each keypad is known to hold, as read or keyed in. By the keypad's device id. */
  readonly memories: KeypadRecord;
  readonly readings: Reading;
  /** What happens at a door, act by act, and what should come of it. */
  readonly scenarios: Scenario;
  /** Rooms and the street; which of them lie on the two sides of each door; what each fire zone trips. */
  readonly spaces: Space;
  readonly sides: Sides;
  readonly zones: Zone;
  /** Holidays, hours by weekday, and access levels: who opens which doors when. */
  /** How keypads of the site are programmed, as their leaflets read. */
  readonly languages: Leaflet;
  /** Frames of cards beyond those that are known to everybody. */
  readonly cardFormats: OwnCardFormat;
  readonly calendars: Calendar;
  readonly hours: Hours;
  readonly levels: Level;
}

export type Collection = keyof Entities;
