import type { DeviceType } from '#core/devices/index';
import { asDeviceType } from '#core/devices/asDeviceType';
import { deviceTypeSchema } from '#core/devices/deviceTypeSchema';
import { languageSchema } from '#core/plan/schemas/language';
import type {
  Cable,
  OwnCardFormat,
  Conductor,
  Device,
  Door,
  KeypadRecord,
  Person,
  Reading,
  Scenario,
  Sides,
  Space,
  Zone,
  Calendar,
  Hours,
  Leaflet,
  Level,
} from '#core/plan/index';
import { deviceOf, pinOf, terminalId } from '#core/plan/index';
import type {
  cables,
  conductors,
  devices,
  deviceTypes,
  doors,
  memories,
  people,
  readings,
  scenarios,
  sides,
  spaces,
  zones,
  calendars,
  hours,
  cardFormats,
  languages,
  levels,
} from './schema';

/** How each thing of a plan becomes a row and comes back. The two functions of a pair undo each other. */

type Row<T extends { $inferSelect: object }> = T['$inferSelect'];

export const doorRow = (site: string, door: Door): Row<typeof doors> => ({ site, ...door });
export const doorOf = ({ site: _site, ...door }: Row<typeof doors>): Door => door;

export const deviceRow = (site: string, device: Device): Row<typeof devices> => ({ site, ...device });
export const deviceFrom = ({ site: _site, ...device }: Row<typeof devices>): Device => device as Device;

export const conductorRow = (site: string, { from, to, ...rest }: Conductor): Row<typeof conductors> => ({
  site,
  ...rest,
  fromDevice: deviceOf(from),
  fromPin: pinOf(from),
  toDevice: deviceOf(to),
  toPin: pinOf(to),
});
export function conductorFrom(row: Row<typeof conductors>): Conductor {
  const { site: _site, fromDevice, fromPin, toDevice, toPin, ...rest } = row;
  return { ...rest, from: terminalId(fromDevice, fromPin), to: terminalId(toDevice, toPin) } as Conductor;
}

export const personRow = (
  site: string,
  { cards, doors: at, slots, levels: held, ...rest }: Person,
): Row<typeof people> => ({
  site,
  ...rest,
  doors: [...at],
  levels: [...held],
  slots: { ...slots },
  cards: [...cards],
});
export const personFrom = ({ site: _site, ...person }: Row<typeof people>): Person => person as Person;

export const memoryRow = (site: string, memory: KeypadRecord): Row<typeof memories> => ({
  site,
  device: memory.device,
  memory,
});
export const memoryFrom = ({ memory }: Row<typeof memories>): KeypadRecord => memory;

export const readingRow = (site: string, reading: Reading): Row<typeof readings> => ({ site, ...reading });
export const readingFrom = ({ site: _site, ...reading }: Row<typeof readings>): Reading => reading;

export const scenarioRow = (site: string, scenario: Scenario): Row<typeof scenarios> => ({
  site,
  id: scenario.id,
  door: scenario.door,
  body: scenario,
});
export const scenarioFrom = ({ body }: Row<typeof scenarios>): Scenario => body;

export const typeRow = (site: string, type: DeviceType): Row<typeof deviceTypes> => ({
  site,
  id: type.id,
  body: type,
});
/** Types of older versions are read by today's schema, which gives their settings roles. One it refuses stays as it is. */
export function typeFrom({ body }: Row<typeof deviceTypes>): DeviceType {
  const parsed = deviceTypeSchema.safeParse(body);
  return parsed.success ? asDeviceType(parsed.data) : body;
}

export const cableRow = (site: string, cable: Cable): Row<typeof cables> => ({ site, ...cable });
export const cableFrom = ({ site: _site, ...cable }: Row<typeof cables>): Cable => cable as Cable;

/** What is kept whole, under its id. */
interface Whole<T> {
  readonly site: string;
  readonly id: string;
  readonly body: T;
}
const wholeRow = <T extends { readonly id: string }>(site: string, body: T): Whole<T> => ({
  site,
  id: body.id,
  body,
});
export const spaceRow = (site: string, space: Space): Row<typeof spaces> => wholeRow(site, space);
export const spaceFrom = ({ body }: Row<typeof spaces>): Space => body;
export const sidesRow = (site: string, of: Sides): Row<typeof sides> => wholeRow(site, of);
export const sidesFrom = ({ body }: Row<typeof sides>): Sides => body;
export const zoneRow = (site: string, zone: Zone): Row<typeof zones> => wholeRow(site, zone);
export const zoneFrom = ({ body }: Row<typeof zones>): Zone => body;
export const calendarRow = (site: string, calendar: Calendar): Row<typeof calendars> =>
  wholeRow(site, calendar);
export const calendarFrom = ({ body }: Row<typeof calendars>): Calendar => body;
export const hoursRow = (site: string, of: Hours): Row<typeof hours> => wholeRow(site, of);
export const hoursFrom = ({ body }: Row<typeof hours>): Hours => body;
export const levelRow = (site: string, level: Level): Row<typeof levels> => wholeRow(site, level);
export const levelFrom = ({ body }: Row<typeof levels>): Level => body;
export const cardFormatRow = (site: string, format: OwnCardFormat): Row<typeof cardFormats> =>
  wholeRow(site, format);
export const cardFormatFrom = ({ body }: Row<typeof cardFormats>): OwnCardFormat => body;

export const languageRow = (site: string, leaflet: Leaflet): Row<typeof languages> => wholeRow(site, leaflet);
/** A language of before there were screens is read as one that has none. */
export function languageFrom({ body }: Row<typeof languages>): Leaflet {
  const parsed = languageSchema.safeParse(body);
  return parsed.success ? (parsed.data as Leaflet) : body;
}
