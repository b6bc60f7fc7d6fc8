import { doorsInOrder, type DoorId, type Plan } from '../plan/index';
import { isSafe, liftsRun, type SiteGraph } from './graph';
import { openingsOf, siteSituations, zonesInOrder, type SiteSituation } from './openings';
import type { Opening } from '../prove/index';
import { breaches, waysToSafety, type Openings, type WayOut } from './walk';

/** What every door of a site lets through, by situation. */
export type SiteOpenings = ReadonlyMap<SiteSituation, Openings>;

/** Works out the openings of every door, one after the other: a caller may stop between two. */
export function* openSite(plan: Plan): Generator<DoorId, SiteOpenings> {
  const table = new Map<SiteSituation, Map<DoorId, Opening>>(
    siteSituations(plan).map((situation) => [situation, new Map()]),
  );
  for (const { id } of doorsInOrder(plan)) {
    for (const [situation, opening] of openingsOf(plan, id)) table.get(situation)?.set(id, opening);
    yield id;
  }
  return table;
}

/** Whoever is in a space gets out; nobody does; or that hangs on a door of which nothing is proven. */
export interface SpaceState {
  readonly status: 'safe' | 'out' | 'trapped' | 'unproven';
  readonly way: WayOut | null;
}

/** The building in one situation. */
export interface Picture {
  readonly situation: SiteSituation;
  readonly openings: Openings;
  readonly spaces: ReadonlyMap<string, SpaceState>;
  /** Protected spaces that are reached from outside without a card, with the doors on the way. */
  readonly breached: ReadonlyMap<string, readonly DoorId[]>;
}

/** The same doors, where all that is not proven lets people out after all. */
const hopeful = (openings: Openings): Openings =>
  new Map(
    [...openings].map(([door, opening]) => [
      door,
      {
        out: opening.out === 'unsure' ? 'act' : opening.out,
        in: opening.in === 'unsure' ? 'open' : opening.in,
      },
    ]),
  );

export function pictureOf(graph: SiteGraph, openings: Openings, situation: SiteSituation): Picture {
  const lifts = liftsRun(situation);
  const ways = waysToSafety(graph, openings, lifts);
  const unsure = [...openings.values()].some((one) => one.out === 'unsure' || one.in === 'unsure');
  const maybe = unsure ? waysToSafety(graph, hopeful(openings), lifts) : ways;
  return {
    situation,
    openings,
    spaces: new Map(
      graph.spaces.map((space): [string, SpaceState] => {
        const way = ways.get(space.id) ?? null;
        if (isSafe(space)) return [space.id, { status: 'safe', way }];
        if (way) return [space.id, { status: 'out', way }];
        return [space.id, { status: maybe.get(space.id) ? 'unproven' : 'trapped', way: null }];
      }),
    ),
    breached: breaches(graph, openings),
  };
}

/** A space that nobody leaves, in these situations, and what its doors do in the first of them. */
export interface Trap {
  readonly space: string;
  readonly situations: readonly SiteSituation[];
  readonly doors: readonly {
    readonly door: DoorId;
    readonly side: 'inside' | 'outside';
    readonly opening: Opening;
  }[];
}

/** Traps of a site, space by space; a space without any door that is said is one nobody has described yet, and is none. */
export function trapsOf(graph: SiteGraph, pictures: readonly Picture[]): Trap[] {
  return graph.spaces.flatMap(({ id }): Trap[] => {
    const doors = graph.passages.filter(({ outside, inside }) => outside === id || inside === id);
    const found = pictures.filter(({ spaces }) => spaces.get(id)?.status === 'trapped');
    const [first] = found;
    if (!first || doors.length === 0) return [];
    return [
      {
        space: id,
        situations: found.map(({ situation }) => situation),
        doors: doors.flatMap(({ door, inside }) => {
          const opening = first.openings.get(door);
          return opening ? [{ door, side: inside === id ? 'inside' : 'outside', opening } as const] : [];
        }),
      },
    ];
  });
}

/** Whether a zone does to a door what it must. */
export interface ZoneCell {
  readonly zone: string;
  readonly door: DoorId;
  /** What is asked: that it is free, that it stays as it is, or nothing. */
  readonly asked: 'release' | 'keep' | null;
  readonly opening: Opening;
  /** What is left of it when the line that told of the fire burns through. */
  readonly burnt: Opening;
  readonly verdict: 'pass' | 'fail' | 'not-proven' | null;
}

/** Every zone against every door: released as it must be, and nothing released that must stay shut. */
export function zoneCells(plan: Plan, openings: SiteOpenings): ZoneCell[] {
  return zonesInOrder(plan).flatMap((zone) =>
    doorsInOrder(plan).flatMap(({ id }): ZoneCell[] => {
      const opening = openings.get(`zone:${zone.id}`)?.get(id);
      const burnt = openings.get(`burnt:${zone.id}`)?.get(id);
      const rest = openings.get('rest')?.get(id);
      if (!opening || !burnt || !rest) return [];
      const asked = zone.releases.includes(id) ? 'release' : zone.keeps.includes(id) ? 'keep' : null;
      const unsure = [opening, burnt].some((one) => one.out === 'unsure' || one.in === 'unsure');
      const right =
        asked === 'release' ? opening.out === 'free' && burnt.out === 'free' : opening.in === rest.in;
      const verdict = asked === null ? null : unsure ? 'not-proven' : right ? 'pass' : 'fail';
      return [{ zone: zone.id, door: id, asked, opening, burnt, verdict }];
    }),
  );
}
