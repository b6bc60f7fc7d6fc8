import { grantsAt, levelsOf, type Door, type Person, type Plan } from '../plan/index';
import { addDays, type Day } from './day';
import { grantOn, hoursOfDoor, type Moment } from './mayOpen';
import { ALL_DAY, both, joined, type Span } from './spans';

/** Minutes of a day at which a person opens a door, free passage included. What `mayOpen` says of each, all at once. */
export function opensOn(plan: Plan, person: Person, door: Door, day: Day): readonly Span[] {
  const free = hoursOfDoor(plan, door.freePassage, day)?.spans ?? [];
  if (person.from !== null && day < person.from) return free;
  if (person.until !== null && day > person.until) return free;
  const opening = hoursOfDoor(plan, door.openingHours, day)?.spans ?? ALL_DAY;
  const own = person.doors.includes(door.id) ? opening : [];
  const byLevel = levelsOf(plan, person).flatMap((level) =>
    grantsAt(level, door.id).flatMap((grant) => {
      const { spans } = grantOn(plan, level, grant, door.id, day);
      return level.overrides ? spans : both(spans, opening);
    }),
  );
  return joined([...free, ...own, ...byLevel]);
}

/** Days that are searched for a change of the answer: more than a year, so that what comes every year is found. */
const FURTHEST = 400;

/** The first moment after this one at which the answer is another; null where that does not come within `FURTHEST` days. */
export function changesAt(plan: Plan, person: Person, door: Door, { day, minute }: Moment): Moment | null {
  const now = opensAt(opensOn(plan, person, door, day), minute);
  for (let ahead = 0; ahead < FURTHEST; ahead += 1) {
    const on = ahead === 0 ? day : addDays(day, ahead);
    const spans = opensOn(plan, person, door, on);
    const edges = [0, ...spans.flatMap(({ from, to }) => [from, to])];
    for (const edge of edges.sort((a, b) => a - b)) {
      if (edge >= 1440 || (ahead === 0 && edge <= minute)) continue;
      if (opensAt(spans, edge) !== now) return { day: on, minute: edge };
    }
  }
  return null;
}

const opensAt = (spans: readonly Span[], minute: number): boolean =>
  spans.some(({ from, to }) => from <= minute && minute < to);
