import {
  findIn,
  grantsAt,
  levelsOf,
  opensEver,
  type Door,
  type Exception,
  type Grant,
  type Level,
  type Person,
  type Plan,
} from '../plan/index';
import { isWithin, type Day } from './day';
import { hoursOn, type DayHours } from './hoursOn';
import { ALL_DAY, covers, joined, type Span } from './spans';

/** A moment by the clock on the wall of the site. */
export interface Moment {
  readonly day: Day;
  /** After midnight. */
  readonly minute: number;
}

/** The rule that decides. Ids, no wording. */
export type Rule =
  /** The door stands unlocked for everybody. */
  | { readonly kind: 'free-passage'; readonly hours: string }
  | { readonly kind: 'not-yet'; readonly from: Day }
  | { readonly kind: 'expired'; readonly until: Day }
  /** The door is shut to all but levels that override its opening hours. */
  | { readonly kind: 'door-shut'; readonly hours: string; readonly by: DayHours['by'] }
  /** By name at this door, at all hours. */
  | { readonly kind: 'by-name' }
  | {
      readonly kind: 'level';
      readonly level: string;
      readonly hours: string | null;
      readonly by: DayHours['by'];
    }
  | { readonly kind: 'exception'; readonly level: string; readonly name: string }
  | { readonly kind: 'level-over'; readonly level: string; readonly until: Day }
  /** Nothing gives this person this door. */
  | { readonly kind: 'no-level' };

export interface Answer {
  readonly opens: boolean;
  readonly rule: Rule;
}

/** May this person open this door at this moment, and by which rule? The first that opens decides; of those that refuse, the nearest. */
export function mayOpen(plan: Plan, person: Person, door: Door, at: Moment): Answer {
  const { day, minute } = at;
  const free = freeAt(plan, door, at);
  if (free !== null) return { opens: true, rule: { kind: 'free-passage', hours: free } };
  const limits = limitedTo(person, day);
  if (limits) return { opens: false, rule: limits };
  const opening = hoursOfDoor(plan, door.openingHours, day);
  const shut = opening !== null && !covers(opening.spans, minute);
  let refused: Rule | null = null;
  if (!shut && person.doors.includes(door.id)) return { opens: true, rule: { kind: 'by-name' } };
  for (const level of levelsOf(plan, person)) {
    if (shut && !level.overrides) continue;
    for (const grant of grantsAt(level, door.id)) {
      const { spans, rule } = grantOn(plan, level, grant, door.id, day);
      if (covers(spans, minute)) return { opens: true, rule };
      refused ??= rule;
    }
  }
  if (refused) return { opens: false, rule: refused };
  if (shut && opensEver(plan, person, door.id))
    return { opens: false, rule: { kind: 'door-shut', hours: door.openingHours!, by: opening.by } };
  return { opens: false, rule: { kind: 'no-level' } };
}

/** Hours by which a door stands unlocked to everybody at a moment; null where it does not. */
export function freeAt(plan: Plan, door: Door, { day, minute }: Moment): string | null {
  const free = hoursOfDoor(plan, door.freePassage, day);
  return free && covers(free.spans, minute) ? door.freePassage : null;
}

/** Why a person opens nothing on a day; null where nothing stands against it. */
function limitedTo({ from, until }: Person, day: Day): Rule | null {
  if (from !== null && day < from) return { kind: 'not-yet', from };
  if (until !== null && day > until) return { kind: 'expired', until };
  return null;
}

/** Hours of a door on a day; null where it has none. */
export function hoursOfDoor(plan: Plan, id: string | null, day: Day): DayHours | null {
  const hours = id === null ? undefined : findIn(plan.hours, id);
  return hours ? hoursOn(plan, hours, day) : null;
}

/** When one grant of a level opens a door on a day, and by which rule. */
export function grantOn(
  plan: Plan,
  level: Level,
  grant: Grant,
  door: string,
  day: Day,
): { readonly spans: readonly Span[]; readonly rule: Rule } {
  if (level.until !== null && day > level.until)
    return { spans: [], rule: { kind: 'level-over', level: level.id, until: level.until } };
  const exception = exceptionOn(level, door, day);
  if (exception)
    return {
      spans: joined(exception.spans),
      rule: { kind: 'exception', level: level.id, name: exception.name },
    };
  const hours = grant.hours === null ? undefined : findIn(plan.hours, grant.hours);
  if (!hours)
    return {
      spans: ALL_DAY,
      rule: { kind: 'level', level: level.id, hours: null, by: { kind: 'week' } },
    };
  const { spans, by } = hoursOn(plan, hours, day);
  return { spans, rule: { kind: 'level', level: level.id, hours: hours.id, by } };
}

/** The first exception of a level for a door on a day. */
const exceptionOn = ({ exceptions }: Level, door: string, day: Day): Exception | undefined =>
  exceptions.find(
    (exception) =>
      isWithin(day, exception) && (exception.doors.length === 0 || exception.doors.includes(door)),
  );
