import {
  doorsInOrder,
  findIn,
  levelsOf,
  opensEver,
  wasTheirs,
  type Door,
  type Level,
  type Plan,
} from '../plan/index';
import { addDays, mondayOf, type Day } from './day';
import { dayOffIn, hoursOn } from './hoursOn';
import { hoursOfDoor, type Moment } from './mayOpen';
import { opensOn } from './opensOn';
import { joined, without, type Span } from './spans';
import { noWays, type NoWay } from './ways';

/** Something about who opens what when that somebody should look at. Ids and figures, no wording. */
export type Concern =
  | ({ readonly kind: 'no-way' } & NoWay)
  /** Unlocked to everybody while nobody who opens it may be there. */
  | { readonly kind: 'free-unattended'; readonly door: string; readonly at: Moment }
  /** Its free passage takes no notice of a day off that other hours at this door do. */
  | { readonly kind: 'free-on-holiday'; readonly door: string; readonly calendar: string; readonly day: Day }
  /** Guards valuables, and more than half of all people open it. */
  | { readonly kind: 'open-to-many'; readonly door: string; readonly people: number; readonly of: number }
  /** Left, and a keypad still holds what was theirs. */
  | {
      readonly kind: 'left-in-keypad';
      readonly person: string;
      readonly devices: readonly string[];
      readonly until: Day;
    }
  /** Opens doors, and nobody holds it. */
  | { readonly kind: 'level-unheld'; readonly level: string }
  /** Every day of it is past. */
  | { readonly kind: 'calendar-past'; readonly calendar: string; readonly last: Day };

/** Fewer people than this are not many, whatever their share. */
const MANY = 6;

/** What is to be looked at in the week of a day, what weighs more first. */
export const concerns = (plan: Plan, today: Day): Concern[] => [
  ...leftInKeypads(plan, today),
  ...freePassage(plan, today),
  ...noWays(plan, mondayOf(today)).map((one): Concern => ({ kind: 'no-way', ...one })),
  ...toMany(plan),
  ...Object.values(plan.calendars).flatMap((calendar): Concern[] => {
    const last = calendar.days
      .map(({ to }) => to)
      .sort()
      .at(-1);
    const past = last !== undefined && last < today && !calendar.days.some(({ yearly }) => yearly);
    return past ? [{ kind: 'calendar-past', calendar: calendar.id, last }] : [];
  }),
  ...Object.values(plan.levels).flatMap((level): Concern[] =>
    level.grants.some(({ doors }) => doors.length > 0) && !isHeld(plan, level)
      ? [{ kind: 'level-unheld', level: level.id }]
      : [],
  ),
];

const isHeld = (plan: Plan, level: Level): boolean =>
  Object.values(plan.people).some((person) => levelsOf(plan, person).includes(level));

function leftInKeypads(plan: Plan, today: Day): Concern[] {
  return Object.values(plan.people).flatMap((person): Concern[] => {
    const { until } = person;
    if (until === null || until >= today) return [];
    const devices = Object.values(plan.memories)
      .filter(({ slots }) => Object.values(slots).some((held) => wasTheirs(person, held)))
      .map(({ device }) => device);
    return devices.length > 0 ? [{ kind: 'left-in-keypad', person: person.id, devices, until }] : [];
  });
}

function freePassage(plan: Plan, today: Day): Concern[] {
  return doorsInOrder(plan).flatMap((door): Concern[] => {
    if (door.freePassage === null) return [];
    const found: Concern[] = [];
    const at = unattended(plan, door, mondayOf(today));
    if (at) found.push({ kind: 'free-unattended', door: door.id, at });
    const missed = holidayMissed(plan, door, today);
    if (missed) found.push({ kind: 'free-on-holiday', door: door.id, ...missed });
    return found;
  });
}

/** The first moment of a week at which a door is free to all and none of its own people may open it. */
function unattended(plan: Plan, door: Door, monday: Day): Moment | null {
  const people = Object.values(plan.people).filter((person) => opensEver(plan, person, door.id));
  const locked: Door = { ...door, freePassage: null };
  for (let ahead = 0; ahead < 7; ahead += 1) {
    const day = addDays(monday, ahead);
    const free = hoursOfDoor(plan, door.freePassage, day)?.spans ?? [];
    const there: Span[] = [];
    for (const person of people) there.push(...opensOn(plan, person, locked, day));
    const gap = without(free, joined(there))[0];
    if (gap) return { day, minute: gap.from };
  }
  return null;
}

/** How far ahead a day off is looked for, days. */
const A_YEAR = 366;

function holidayMissed(plan: Plan, door: Door, today: Day): { calendar: string; day: Day } | null {
  const own = findIn(plan.hours, door.freePassage ?? '');
  if (!own) return null;
  const minded = new Set(own.holidays.map(({ calendar }) => calendar));
  const others = Object.values(plan.levels)
    .flatMap(({ grants }) => grants)
    .filter(({ doors }) => doors.includes(door.id))
    .flatMap(({ hours }) => findIn(plan.hours, hours ?? '')?.holidays ?? [])
    .map(({ calendar }) => calendar)
    .filter((calendar) => !minded.has(calendar))
    .sort();
  for (const calendar of new Set(others))
    for (let ahead = 0; ahead < A_YEAR; ahead += 1) {
      const day = addDays(today, ahead);
      if (dayOffIn(plan, calendar, day) && hoursOn(plan, own, day).spans.length > 0) return { calendar, day };
    }
  return null;
}

function toMany(plan: Plan): Concern[] {
  const people = Object.values(plan.people);
  return doorsInOrder(plan).flatMap((door): Concern[] => {
    if (door.brief.protects !== 'valuables') return [];
    const count = people.filter((person) => opensEver(plan, person, door.id)).length;
    return count >= MANY && count * 2 > people.length
      ? [{ kind: 'open-to-many', door: door.id, people: count, of: people.length }]
      : [];
  });
}
