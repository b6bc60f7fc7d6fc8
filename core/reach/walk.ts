import type { DoorId } from '../plan/index';
import { isPublic, isSafe, isWayOut, type SiteGraph } from './graph';
import type { Opening } from '../prove/index';

/** What every door lets through in one situation. A door that is not there is a wall. */
export type Openings = ReadonlyMap<DoorId, Opening>;

/** The way from one space to safe ground: the doors one after the other, and whether an act is needed anywhere. */
export interface WayOut {
  readonly doors: readonly DoorId[];
  readonly act: boolean;
  /** It ends in a lift. */
  readonly lift: boolean;
}

/**
 * From each space the way with the fewest doors to safe ground; null where there is none. People pass from the inside to the
 * outside of a door where they get out of it, and the other way only where it stands open to everybody: nobody has a card in a
 * fire. What is not proven lets nobody out. Where lifts run, a lift lobby is a way out.
 */
export function waysToSafety(
  graph: SiteGraph,
  openings: Openings,
  lifts = false,
): ReadonlyMap<string, WayOut | null> {
  const ways = new Map<string, WayOut | null>();
  let edge: string[] = [];
  for (const space of graph.spaces) {
    const out = isWayOut(space, lifts);
    ways.set(space.id, out ? { doors: [], act: false, lift: !isSafe(space) } : null);
    if (out) edge.push(space.id);
  }
  const into = new Map<string, { readonly from: string; readonly door: DoorId; readonly act: boolean }[]>();
  const leads = (from: string, to: string, door: DoorId, act: boolean) => {
    const list = into.get(to) ?? [];
    list.push({ from, door, act });
    into.set(to, list);
  };
  for (const { door, outside, inside } of graph.passages) {
    const opening = openings.get(door);
    if (opening?.out === 'free' || opening?.out === 'act')
      leads(inside, outside, door, opening.out === 'act');
    if (opening?.in === 'open') leads(outside, inside, door, false);
  }
  while (edge.length > 0) {
    const next: string[] = [];
    for (const at of edge) {
      const way = ways.get(at)!;
      for (const { from, door, act } of into.get(at) ?? []) {
        if (ways.get(from)) continue;
        ways.set(from, { doors: [door, ...way.doors], act: act || way.act, lift: way.lift });
        next.push(from);
      }
    }
    edge = next;
  }
  return ways;
}

/**
 * Protected spaces that somebody reaches from outside, or out of a lift, who has neither card nor key, each with the doors on the way. What is not
 * proven to be shut is open to them, and from inside they leave by whatever lets people out.
 */
export function breaches(graph: SiteGraph, openings: Openings): ReadonlyMap<string, readonly DoorId[]> {
  const by = new Map<string, readonly DoorId[]>();
  let edge = graph.spaces.filter(isPublic).map(({ id }) => id);
  for (const id of edge) by.set(id, []);
  const from = new Map<string, { readonly to: string; readonly door: DoorId }[]>();
  const leads = (one: string, to: string, door: DoorId) => {
    const list = from.get(one) ?? [];
    list.push({ to, door });
    from.set(one, list);
  };
  for (const { door, outside, inside } of graph.passages) {
    const opening = openings.get(door);
    if (opening && opening.in !== 'shut') leads(outside, inside, door);
    if (opening && opening.out !== 'no') leads(inside, outside, door);
  }
  while (edge.length > 0) {
    const next: string[] = [];
    for (const at of edge)
      for (const { to, door } of from.get(at) ?? []) {
        if (by.has(to)) continue;
        by.set(to, [...(by.get(at) ?? []), door]);
        next.push(to);
      }
    edge = next;
  }
  return new Map(
    graph.spaces.flatMap((space) => {
      const way = by.get(space.id);
      return space.protected && way ? [[space.id, way] as const] : [];
    }),
  );
}
