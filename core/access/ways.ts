import { does } from '../devices/index';
import { devicesOf, doorsOf, findIn, typeIn, type Door, type Plan } from '../plan/index';
import { graphOf, type SiteGraph } from '../reach/graph';
import { addDays, type Day } from './day';
import type { Moment } from './mayOpen';
import { opensOn } from './opensOn';
import { alike } from './signatures';
import { covers, type Span } from './spans';

/** Doors that the same people open while they cannot come to them: they lack one before, always or at some time of the week. */
export interface NoWay {
  readonly doors: readonly string[];
  /** The first moment of the week at which it is so. */
  readonly at: Moment;
  readonly people: readonly string[];
}

/** True where a card or code is asked for at a door. */
export const asksWho = (plan: Plan, door: string): boolean =>
  devicesOf(plan, door).some((device) => does(typeIn(plan, device), 'reader', 'busReader', 'ownCodes'));

/**
 * Doors that are opened without the way to them, in the week that begins on this day. Whoever leaves passes every door; whoever
 * comes passes those that they open then, and those at which nobody is asked. Doors of which nobody said where they lead are left out.
 */
export function noWays(plan: Plan, monday: Day): NoWay[] {
  const graph = graphOf(plan);
  if (!graph.spaces.some(({ kind }) => kind === 'outside')) return [];
  const found = new Map<string, { at: Moment; people: string[] }>();
  for (const group of alike(plan)) {
    for (const { door, at } of lacking(plan, graph, group[0]!.id, monday)) {
      const known = found.get(door);
      const people = group.map(({ id }) => id);
      if (!known) found.set(door, { at, people });
      else found.set(door, { at: earlier(known.at, at), people: [...known.people, ...people] });
    }
  }
  const byPeople = new Map<string, NoWay>();
  for (const { door } of graph.passages) {
    const one = found.get(door);
    if (!one) continue;
    const people = [...one.people].sort();
    const key = people.join('\n');
    const known = byPeople.get(key);
    byPeople.set(key, {
      doors: [...(known?.doors ?? []), door],
      at: known ? earlier(known.at, one.at) : one.at,
      people,
    });
  }
  return [...byPeople.values()];
}

const earlier = (a: Moment, b: Moment): Moment =>
  a.day < b.day || (a.day === b.day && a.minute <= b.minute) ? a : b;

interface Lacking {
  readonly door: string;
  readonly at: Moment;
}

function lacking(plan: Plan, graph: SiteGraph, personId: string, monday: Day): Lacking[] {
  const person = plan.people[personId]!;
  const asked = new Map(graph.passages.map(({ door }) => [door, asksWho(plan, door)]));
  const doors = doorsOf(plan, person).flatMap((id): readonly Door[] => {
    const door = findIn(plan.doors, id);
    return door ? [door] : [];
  });
  const found = new Map<string, Moment>();
  for (let ahead = 0; ahead < 7; ahead += 1) {
    const day = addDays(monday, ahead);
    const spans = new Map<string, readonly Span[]>();
    for (const door of Object.values(plan.doors))
      if (door.freePassage !== null || doors.includes(door))
        spans.set(door.id, opensOn(plan, person, door, day));
    for (const minute of edges(spans)) {
      const open = (door: string) => covers(spans.get(door) ?? [], minute) || asked.get(door) === false;
      const reached = walk(graph, open);
      for (const { door, outside } of graph.passages)
        if (
          !found.has(door) &&
          doors.some(({ id }) => id === door) &&
          covers(spans.get(door) ?? [], minute) &&
          !reached.has(outside)
        )
          found.set(door, { day, minute });
    }
  }
  return [...found].map(([door, at]) => ({ door, at }));
}

/** Where some stretch begins or ends, in order: between two of them nothing changes, so one look at each is a look at every minute. */
const edges = (spans: ReadonlyMap<string, readonly Span[]>): number[] =>
  [...new Set([0, ...[...spans.values()].flat().flatMap(({ from, to }) => [from, to])])]
    .filter((minute) => minute < 1440)
    .sort((a, b) => a - b);

/** Spaces that somebody comes to from outside, through doors that open; out of a space every door lets them. */
function walk({ spaces, passages }: SiteGraph, open: (door: string) => boolean): Set<string> {
  const reached = new Set(spaces.filter(({ kind }) => kind === 'outside').map(({ id }) => id));
  for (let grew = true; grew;) {
    grew = false;
    for (const { door, outside, inside } of passages) {
      if (reached.has(outside) && !reached.has(inside) && open(door)) grew = !!reached.add(inside);
      if (reached.has(inside) && !reached.has(outside)) grew = !!reached.add(outside);
    }
  }
  return reached;
}
