import fc from 'fast-check';
import {
  emptyPlan,
  blankDoor,
  blankPerson,
  type Hours,
  type Level,
  type Person,
  type Plan,
} from '../plan/index';
import { addDays } from '../access/day';

/** Numbers for what is drawn: the same seed gives the same site. */
export function drawnBy(seed: number): (below: number) => number {
  let state = seed >>> 0 || 1;
  return (below) => {
    // xorshift32 (Marsaglia, 2003).
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    return state % below;
  };
}

const DAYS = [1, 2, 3, 4, 5, 6, 7];

function hoursBy(draw: (below: number) => number, id: string, calendars: readonly string[]): Hours {
  const minute = () => draw(96) * 15;
  const span = () => {
    const from = draw(95) * 15;
    return { from, to: from + 15 + draw((1440 - from) / 15) * 15 };
  };
  return {
    id,
    name: id,
    order: 0,
    rows: Array.from({ length: draw(4) }, () => ({
      days: DAYS.filter(() => draw(2) === 0),
      from: minute(),
      to: draw(97) * 15,
    })).filter(({ days }) => days.length > 0),
    holidays: calendars
      .filter(() => draw(3) > 0)
      .map((calendar) => ({ calendar, spans: Array.from({ length: draw(3) }, span) })),
  };
}

/** A site of so many doors and people, with calendars, hours and levels drawn by a seed. Nothing is wired. */
export function siteWithAccess(seed: number, size: { doors: number; people: number; levels: number }): Plan {
  const draw = drawnBy(seed);
  const day = () => addDays('2026-01-01', draw(365));
  const some = (list: readonly string[], share: number) => list.filter(() => draw(100) < share);
  const calendars = ['public', 'house'].map((id) => ({
    id,
    name: id,
    order: 0,
    days: Array.from({ length: draw(5) }, (_, index) => {
      const from = day();
      return { name: `${id} ${index + 1}`, from, to: addDays(from, draw(3)), yearly: draw(2) === 0 };
    }),
  }));
  const hours = ['h1', 'h2', 'h3', 'h4'].map((id) => hoursBy(draw, id, ['public', 'house']));
  const doors = Array.from({ length: size.doors }, (_, index) => {
    const id = `D${String(index + 1).padStart(2, '0')}`;
    return {
      ...blankDoor(id, index),
      freePassage: draw(6) === 0 ? `h${1 + draw(4)}` : null,
      openingHours: draw(5) === 0 ? `h${1 + draw(4)}` : null,
    };
  });
  const ids = doors.map(({ id }) => id);
  const levels: Level[] = Array.from({ length: size.levels }, (_, index) => ({
    id: `l${index + 1}`,
    name: `Level ${index + 1}`,
    order: draw(5),
    grants: Array.from({ length: 1 + draw(3) }, () => ({
      doors: some(ids, 30),
      hours: draw(4) === 0 ? null : `h${1 + draw(4)}`,
    })),
    groups: some(['red', 'blue'], 25),
    exceptions: Array.from({ length: draw(3) }, (_, at) => {
      const from = day();
      const begin = draw(90) * 15;
      return {
        name: `exception ${at + 1}`,
        from,
        to: addDays(from, draw(5)),
        doors: draw(2) === 0 ? [] : some(ids, 40),
        spans: draw(2) === 0 ? [] : [{ from: begin, to: begin + 90 }],
      };
    }),
    overrides: draw(5) === 0,
    until: draw(5) === 0 ? day() : null,
  }));
  const people: Person[] = Array.from({ length: size.people }, (_, index) => {
    const from = draw(6) === 0 ? day() : null;
    return {
      ...blankPerson(`P${index + 1}`, `Person ${index + 1}`),
      doors: some(ids, 8),
      group: ['', 'red', 'blue'][draw(3)]!,
      levels: some(
        levels.map(({ id }) => id),
        25,
      ),
      from,
      until: draw(6) === 0 ? addDays(from ?? '2026-01-01', draw(365)) : null,
    };
  });
  const table = <T extends { id: string }>(list: readonly T[]) =>
    Object.fromEntries(list.map((one) => [one.id, one]));
  return {
    ...emptyPlan('access', 'Access'),
    calendars: table(calendars),
    hours: table(hours),
    doors: table(doors),
    levels: table(levels),
    people: table(people),
  };
}

/** A seed, for properties over drawn sites. */
export const aSeed = fc.integer({ min: 1, max: 1_000_000 });
