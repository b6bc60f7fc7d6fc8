import type { Fault, SiteResult } from '../faults/index';
import type { DoorId } from '../plan/index';
import { liftsRun, type SiteGraph } from './graph';
import type { Opening } from '../prove/index';
import { SITE_SITUATIONS, type SiteSituation } from './openings';
import type { SiteOpenings } from './site';
import { breaches, waysToSafety } from './walk';

/** What one fault does to people: spaces that nobody leaves any more, and protected ones that stand open. */
export interface ReachFault {
  readonly fault: Fault;
  readonly trapped: readonly { readonly space: string; readonly situation: SiteSituation }[];
  readonly breached: readonly { readonly space: string; readonly situation: SiteSituation }[];
}

interface Change {
  readonly door: DoorId;
  readonly situation: SiteSituation;
  readonly opening: Opening;
}

/**
 * Reachability with every single fault: `results` come from the sweep of the site, door by door; a fault of what several doors
 * share is one fault, and changes all of them. Gives only those by which somebody is trapped, or reaches what is protected, who
 * was not and did not before.
 */
export function reachWithFaults(
  graph: SiteGraph,
  openings: SiteOpenings,
  results: Iterable<SiteResult>,
): ReachFault[] {
  const changes = new Map<string, { readonly fault: Fault; readonly all: Change[] }>();
  for (const { fault, door, openings: touched } of results) {
    for (const situation of SITE_SITUATIONS) {
      const opening = openings.get(situation)?.get(door);
      const now = touched.get(situation);
      if (!opening || now === undefined) continue;
      // What no longer comes about leaves the door as it is at rest with the fault in it.
      const after = now ?? touched.get('rest') ?? openings.get('rest')?.get(door) ?? opening;
      if (after.out === opening.out && after.in === opening.in) continue;
      const key = JSON.stringify(fault);
      const known = changes.get(key) ?? { fault, all: [] };
      known.all.push({ door, situation, opening: after });
      changes.set(key, known);
    }
  }
  const sound = new Map(
    SITE_SITUATIONS.map((situation) => {
      const here = openings.get(situation) ?? new Map<DoorId, Opening>();
      return [
        situation,
        { ways: waysToSafety(graph, here, liftsRun(situation)), reached: breaches(graph, here) },
      ] as const;
    }),
  );
  const found: ReachFault[] = [];
  for (const { fault, all } of changes.values()) {
    const trapped: { space: string; situation: SiteSituation }[] = [];
    const breached: { space: string; situation: SiteSituation }[] = [];
    for (const situation of SITE_SITUATIONS) {
      const here = all.filter((change) => change.situation === situation);
      if (here.length === 0) continue;
      const now = new Map(openings.get(situation));
      for (const { door, opening } of here) now.set(door, opening);
      const before = sound.get(situation)!;
      for (const [space, way] of waysToSafety(graph, now, liftsRun(situation)))
        if (!way && before.ways.get(space)) trapped.push({ space, situation });
      for (const space of breaches(graph, now).keys())
        if (!before.reached.has(space)) breached.push({ space, situation });
    }
    if (trapped.length + breached.length > 0) found.push({ fault, trapped, breached });
  }
  return found;
}
