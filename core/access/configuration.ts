import { seenAs, type CardFormat } from '../cards/index';
import { does, roleValue } from '../devices/index';
import { doorParts, placed } from '../door/index';
import { seenBy, waitsFor } from '../keypads/index';
import {
  blankDoor,
  blankPerson,
  cardsInUse,
  doorsInOrder,
  doorsOf,
  emptyPlan,
  findIn,
  formatsOf,
  sameCard,
  type Calendar,
  type CardNumber,
  type Hours,
  type Level,
  type Person,
  type Plan,
} from '../plan/index';
import { freeAt, mayOpen, type Moment, type Rule } from './mayOpen';

/** What decides while the network is lost. */
export const OFFLINE = ['keeps', 'facility', 'refuses', 'nothing'] as const;
export type WithoutNetwork = (typeof OFFLINE)[number];

/** Somebody, as a controller knows them: with the numbers that it sees of their cards. */
export type Known = Pick<Person, 'id' | 'name' | 'group' | 'levels' | 'doors' | 'from' | 'until' | 'code'> & {
  readonly cards: readonly CardNumber[];
};

/** All that a controller needs to decide by itself: its doors, and whoever opens them when. Plain data, an open format. */
export interface Configuration {
  readonly format: 'aldaba-controller';
  readonly version: 1;
  readonly controller: string;
  readonly frame: CardFormat;
  readonly withoutNetwork: WithoutNetwork;
  readonly doors: readonly {
    readonly id: string;
    readonly freePassage: string | null;
    readonly openingHours: string | null;
  }[];
  readonly calendars: readonly Calendar[];
  readonly hours: readonly Hours[];
  readonly levels: readonly Level[];
  readonly people: readonly Known[];
}

/** Doors for which a device decides. */
export const decidedBy = (plan: Plan, device: string): string[] =>
  doorsInOrder(plan)
    .filter(({ id }) => doorParts(plan, id).decider?.device.id === device)
    .map(({ id }) => id);

/** What a controller is to hold; null for what keeps no list of hours and people, or waits for a frame that nobody knows. */
export function configurationOf(plan: Plan, id: string): Configuration | null {
  const device = findIn(plan.devices, id);
  if (!device) return null;
  const taker = placed(plan, device);
  const waits = waitsFor(taker);
  const frame = formatsOf(plan).find((one) => one.id === waits);
  if (!does(taker.type, 'clock') || !frame) return null;
  const mine = new Set(decidedBy(plan, id));
  const here = (doors: readonly string[]) => doors.filter((door) => mine.has(door));
  const levels = Object.values(plan.levels)
    .map((level) => ({
      ...level,
      grants: level.grants
        .map((grant) => ({ ...grant, doors: here(grant.doors) }))
        .filter(({ doors }) => doors.length > 0),
      // An exception for other doors alone would become one for all of them.
      exceptions: level.exceptions
        .filter(({ doors }) => doors.length === 0 || here(doors).length > 0)
        .map((exception) => ({ ...exception, doors: here(exception.doors) })),
    }))
    .filter(({ grants }) => grants.length > 0);
  const held = new Set(levels.map((level) => level.id));
  const doors = [...mine].map((door) => {
    const { freePassage, openingHours } = plan.doors[door]!;
    return { id: door, freePassage, openingHours };
  });
  const named = new Set([
    ...doors.flatMap(({ freePassage, openingHours }) => [freePassage, openingHours]),
    ...levels.flatMap(({ grants }) => grants.map(({ hours }) => hours)),
  ]);
  const hours = Object.values(plan.hours).filter((one) => named.has(one.id));
  const days = new Set(hours.flatMap(({ holidays }) => holidays.map(({ calendar }) => calendar)));
  const people = Object.values(plan.people)
    .filter((person) => doorsOf(plan, person).some((door) => mine.has(door)))
    .map((person): Known => ({
      id: person.id,
      name: person.name,
      group: person.group,
      levels: person.levels.filter((level) => held.has(level)),
      doors: here(person.doors),
      from: person.from,
      until: person.until,
      code: person.code,
      cards: cardsInUse(person).flatMap((card) => {
        const sent = seenBy(plan, taker, card);
        return 'seen' in sent && sent.seen.kind === 'card' ? [sent.seen.card] : [];
      }),
    }));
  const offline = roleValue(taker.type, device.settings, 'offline');
  return inOrder({
    format: 'aldaba-controller',
    version: 1,
    controller: id,
    frame,
    withoutNetwork: OFFLINE.find((one) => one === offline) ?? 'keeps',
    doors,
    calendars: Object.values(plan.calendars).filter((one) => days.has(one.id)),
    hours,
    levels,
    people,
  });
}

const byId = <T extends { readonly id: string }>(list: readonly T[]): T[] =>
  [...list].sort((a, b) => (a.id < b.id ? -1 : 1));

/** The same whatever order the site keeps its things in. */
const inOrder = (one: Configuration): Configuration => ({
  ...one,
  doors: byId(one.doors),
  calendars: byId(one.calendars),
  hours: byId(one.hours),
  levels: byId(one.levels),
  people: byId(one.people),
});

/** What arrives at a controller: the bits of a card, or a code. */
export type Arrives = { readonly bits: string } | { readonly code: string };

export interface Decision {
  readonly opens: boolean;
  /** Whom it takes the card or code for. */
  readonly person: string | null;
  readonly why:
    | { readonly kind: 'rule'; readonly rule: Rule }
    | { readonly kind: 'unseen' | 'nobody' | 'no-such-door' | 'lost-network' | 'facility' };
}

const refused = (
  kind: 'unseen' | 'nobody' | 'no-such-door' | 'lost-network',
  person: string | null = null,
): Decision => ({
  opens: false,
  person,
  why: { kind },
});

/** What a controller decides from what it holds, with its network or without. */
export function decides(
  held: Configuration,
  door: string,
  arrives: Arrives,
  at: Moment,
  network: 'up' | 'lost' = 'up',
): Decision {
  const plan = planOf(held);
  const there = findIn(plan.doors, door);
  if (!there) return refused('no-such-door');
  const free = freeAt(plan, there, at);
  if (free !== null)
    return { opens: true, person: null, why: { kind: 'rule', rule: { kind: 'free-passage', hours: free } } };
  const alone = network === 'lost' ? held.withoutNetwork : 'keeps';
  if (alone === 'refuses' || alone === 'nothing') return refused('lost-network');
  const seen = 'bits' in arrives ? seenAs(held.frame, arrives.bits) : null;
  if (seen && seen.kind !== 'card') return refused('unseen');
  const { card } = seen ?? { card: null };
  if (alone === 'facility' && card) {
    const known = held.people.some(({ cards }) => cards.some(({ facility }) => facility === card.facility));
    return known ? { opens: true, person: null, why: { kind: 'facility' } } : refused('nobody');
  }
  const code = 'code' in arrives ? arrives.code : '';
  const theirs = held.people.filter((one) =>
    card ? one.cards.some((other) => sameCard(other, card)) : code !== '' && one.code === code,
  );
  const known = theirs.find(({ id }) => doorsOf(plan, plan.people[id]!).includes(door)) ?? theirs[0];
  if (!known) return refused('nobody');
  const { opens, rule } = mayOpen(plan, plan.people[known.id]!, there, at);
  return { opens, person: known.id, why: { kind: 'rule', rule } };
}

const plans = new WeakMap<Configuration, Plan>();

/** What a controller holds, as a site of its own: the same rules decide on it. */
function planOf(held: Configuration): Plan {
  const kept = plans.get(held);
  if (kept) return kept;
  const table = <T extends { readonly id: string }>(list: readonly T[]) =>
    Object.fromEntries(list.map((one) => [one.id, one]));
  const plan: Plan = {
    ...emptyPlan('controller', held.controller),
    doors: table(held.doors.map((door, order) => ({ ...blankDoor(door.id, order), ...door }))),
    calendars: table(held.calendars),
    hours: table(held.hours),
    levels: table(held.levels),
    people: table(
      held.people.map(({ cards: _numbers, ...one }) => ({ ...blankPerson(one.id, one.name), ...one })),
    ),
  };
  plans.set(held, plan);
  return plan;
}

/** One thing in which what a controller holds is not what it is to hold. */
export interface ConfigurationDifference {
  readonly part: 'frame' | 'without-network' | 'door' | 'calendar' | 'hours' | 'level' | 'person';
  readonly id: string;
  /** The name that either of them has. */
  readonly name: string;
  readonly how: 'missing' | 'left-over' | 'differs';
}

/** Read back and compared: what is missing in it, what is left over, what differs. */
export function configurationDifferences(
  wanted: Configuration,
  held: Configuration,
): ConfigurationDifference[] {
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  const compare = <T extends { readonly id: string; readonly name?: string }>(
    part: ConfigurationDifference['part'],
    shall: readonly T[],
    has: readonly T[],
  ): ConfigurationDifference[] => {
    const found = new Map(has.map((one) => [one.id, one]));
    const wants = new Set(shall.map(({ id }) => id));
    return [
      ...shall.flatMap((one): ConfigurationDifference[] => {
        const other = found.get(one.id);
        if (other && same(one, other)) return [];
        return [{ part, id: one.id, name: one.name ?? one.id, how: other ? 'differs' : 'missing' }];
      }),
      ...has
        .filter(({ id }) => !wants.has(id))
        .map((one): ConfigurationDifference => ({
          part,
          id: one.id,
          name: one.name ?? one.id,
          how: 'left-over',
        })),
    ];
  };
  return [
    ...(same(wanted.frame, held.frame)
      ? []
      : [{ part: 'frame', id: held.frame.id, name: held.frame.name, how: 'differs' } as const]),
    ...(wanted.withoutNetwork === held.withoutNetwork
      ? []
      : [
          {
            part: 'without-network',
            id: held.withoutNetwork,
            name: held.withoutNetwork,
            how: 'differs',
          } as const,
        ]),
    ...compare('door', wanted.doors, held.doors),
    ...compare('calendar', wanted.calendars, held.calendars),
    ...compare('hours', wanted.hours, held.hours),
    ...compare('level', wanted.levels, held.levels),
    ...compare('person', wanted.people, held.people),
  ];
}
