import { STATIONS } from '#core/checks/stations';
import type { StationId } from '#core/checks/index';
import { doorsOf, doorsInOrder, terminalLabel, typeIn, type DoorId, type Plan } from '#core/plan/index';
import { STATION_NAMES } from '#words/findings/index';
import { PAGE_ABOUT } from '#words/pageAbout';
import { HELP_SYNONYMS, PAGE_SYNONYMS, STATION_SYNONYMS, typeSynonyms } from '#words/synonyms';
import { say } from '#words/app/frame/findable';
import { PAGE_NAMES, SITE_PAGES, type SitePage } from '../../parts/route';

/** Where a thing that was found leads. */
export type Way =
  | { readonly kind: 'door'; readonly door: DoorId; readonly station: StationId; readonly subject?: string }
  | { readonly kind: 'page'; readonly page: SitePage }
  | { readonly kind: 'keys' };

/** Something that can be found by a few letters. */
export interface Findable {
  readonly group: 'Doors' | 'Stations' | 'Pages' | 'People' | 'Devices' | 'Wires';
  readonly id: string;
  /** What the letters are looked for in, by themselves and in their order. */
  readonly value: string;
  /** What people call it besides, small letters: looked through for whole words and their beginnings. */
  readonly also?: string;
  /** What stands out, what follows it, and where it is. */
  readonly head: string;
  readonly text: string;
  readonly place: string;
  readonly way: Way;
}

/** What belongs to the open door comes first. */
const hereFirst = <T extends { readonly door: string | null }>(all: T[], door: string | null): T[] =>
  [...all].sort((a, b) => Number(b.door === door) - Number(a.door === door));

/** Everything of a site that can be found, in the order in which it is shown while nothing is typed. */
export function findables(plan: Plan, door: DoorId | null): Findable[] {
  const to = (id: DoorId, station: StationId, subject?: string): Way => ({
    kind: 'door',
    door: id,
    station,
    ...(subject === undefined ? {} : { subject }),
  });
  const name = (id: DoorId) => `${id} ${plan.doors[id]?.name ?? ''}`;
  return [
    ...doorsInOrder(plan).map((one): Findable => ({
      group: 'Doors',
      id: one.id,
      value: say.door(one.id, one.name),
      head: one.id,
      text: one.name || say.unnamedDoor,
      place: '',
      way: to(one.id, 'wire'),
    })),
    ...(door === null ? [] : STATIONS).map((one): Findable => ({
      group: 'Stations',
      id: one,
      value: say.station(STATION_NAMES[one]),
      also: STATION_SYNONYMS[one],
      head: '',
      text: STATION_NAMES[one],
      place: '',
      way: to(door ?? '', one),
    })),
    ...SITE_PAGES.map((page): Findable => ({
      group: 'Pages',
      id: page,
      value: say.page(PAGE_NAMES[page]),
      also: PAGE_SYNONYMS[page],
      head: '',
      text: PAGE_NAMES[page],
      place: PAGE_ABOUT[page],
      way: { kind: 'page', page },
    })),
    {
      group: 'Pages',
      id: 'keys',
      value: say.pageKeys,
      also: HELP_SYNONYMS,
      head: '',
      text: say.keyboardShortcuts,
      place: '?',
      way: { kind: 'keys' },
    },
    ...Object.values(plan.people).map((person): Findable => ({
      group: 'People',
      id: person.id,
      value: say.person(person.name, person.id),
      head: '',
      text: person.name,
      place: doorsOf(plan, person).join(' '),
      way: { kind: 'page', page: 'people' },
    })),
    ...hereFirst(Object.values(plan.devices), door).map((device): Findable => {
      const type = typeIn(plan, device);
      return {
        group: 'Devices',
        id: device.id,
        value: say.device(device.tag, device.id, type.name),
        also: typeSynonyms(type),
        head: device.tag,
        text: type.name,
        place: device.door ? name(device.door) : 'site',
        way: to(device.door ?? door ?? '', 'wire', device.id),
      };
    }),
    ...hereFirst(Object.values(plan.conductors), door).map((wire): Findable => ({
      group: 'Wires',
      id: wire.id,
      value: say.wire(wire.number, wire.door, wire.from, wire.to),
      head: wire.number,
      text: `${terminalLabel(plan, wire.from, wire.door)} – ${terminalLabel(plan, wire.to, wire.door)}`,
      place: wire.door,
      way: to(wire.door, 'wire', wire.id),
    })),
  ];
}

/** Things shown at once: more letters find fewer. */
export const MOST_SHOWN = 60;

/** What a whole word that people use is worth, beside letters that are met in their order. */
const CALLED_SO = 0.6;

/** True where what is typed is a word, or the beginning of one, or several after one another. */
const isCalled = (also: string | undefined, typed: string): boolean =>
  also !== undefined && ` ${also}`.includes(` ${typed.toLowerCase()}`);

/** What the letters find, best first, and how many more there are. `score` says how well a value fits, 0 for not at all. */
export function found(
  all: readonly Findable[],
  letters: string,
  score: (value: string, letters: string) => number,
): { readonly shown: readonly Findable[]; readonly more: number } {
  const typed = letters.trim();
  const fits = typed
    ? all
        .map((one) => ({
          one,
          points: Math.max(score(one.value, typed), isCalled(one.also, typed) ? CALLED_SO : 0),
        }))
        .filter(({ points }) => points > 0)
        .sort((a, b) => b.points - a.points)
        .map(({ one }) => one)
    : all;
  return { shown: fits.slice(0, MOST_SHOWN), more: Math.max(0, fits.length - MOST_SHOWN) };
}
