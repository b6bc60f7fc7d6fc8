import { doorsOf, findIn, grantsAt, type Door, type Person, type Plan } from '../plan/index';
import { addDays, isWithin, type Day } from './day';
import { grantOn, hoursOfDoor, type Rule } from './mayOpen';
import { opensOn } from './opensOn';
import { ALL_DAY, both, joined, type Span } from './spans';

/** One bar of a week's picture: who or what opens the door, and when. */
export interface Bar {
  readonly of:
    | { readonly kind: 'free' }
    | { readonly kind: 'names' }
    | { readonly kind: 'level'; readonly level: string };
  readonly spans: readonly Span[];
  /** What makes the day other than the week would; null where nothing does. */
  readonly instead: Rule | null;
}

export interface DoorDay {
  readonly day: Day;
  /** Names of the days off that fall on it, of any calendar. */
  readonly off: readonly string[];
  readonly bars: readonly Bar[];
}

const WEEK = [0, 1, 2, 3, 4, 5, 6] as const;

/** Names under which a day stands in the site's calendars. */
export const offOn = (plan: Plan, day: Day): string[] => [
  ...new Set(
    Object.values(plan.calendars).flatMap(({ days }) =>
      days.filter((off) => isWithin(day, off)).map(({ name }) => name),
    ),
  ),
];

/** Who may open a door in the week that begins on this day, bar by bar. */
export function weekOfDoor(plan: Plan, door: Door, monday: Day): DoorDay[] {
  const levels = Object.values(plan.levels)
    .filter((level) => grantsAt(level, door.id).length > 0)
    .sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
  const named = Object.values(plan.people).some(({ doors }) => doors.includes(door.id));
  return WEEK.map((ahead) => {
    const day = addDays(monday, ahead);
    const opening = hoursOfDoor(plan, door.openingHours, day)?.spans ?? ALL_DAY;
    const free = hoursOfDoor(plan, door.freePassage, day);
    const bars: Bar[] = [];
    if (free)
      bars.push({
        of: { kind: 'free' },
        spans: free.spans,
        instead:
          free.by.kind === 'holiday'
            ? { kind: 'level', level: '', hours: door.freePassage, by: free.by }
            : null,
      });
    if (named) bars.push({ of: { kind: 'names' }, spans: opening, instead: null });
    for (const level of levels) {
      const granted = grantsAt(level, door.id).map((grant) => grantOn(plan, level, grant, door.id, day));
      const spans = joined(granted.flatMap((one) => one.spans));
      bars.push({
        of: { kind: 'level', level: level.id },
        spans: level.overrides ? spans : both(spans, opening),
        instead: granted.map(({ rule }) => rule).find(isSpecial) ?? null,
      });
    }
    return { day, off: offOn(plan, day), bars };
  });
}

const isSpecial = (rule: Rule): boolean =>
  rule.kind === 'exception' ||
  rule.kind === 'level-over' ||
  (rule.kind === 'level' && rule.by.kind === 'holiday');

export interface PersonDay {
  readonly day: Day;
  readonly off: readonly string[];
  /** By door, as the person's list has them. */
  readonly doors: readonly { readonly door: string; readonly spans: readonly Span[] }[];
}

/** When a person opens which doors in the week that begins on this day. */
export function weekOfPerson(plan: Plan, person: Person, monday: Day): PersonDay[] {
  const doors = doorsOf(plan, person).flatMap((id) => findIn(plan.doors, id) ?? []);
  return WEEK.map((ahead) => {
    const day = addDays(monday, ahead);
    return {
      day,
      off: offOn(plan, day),
      doors: doors.map((door) => ({ door: door.id, spans: opensOn(plan, person, door, day) })),
    };
  });
}
