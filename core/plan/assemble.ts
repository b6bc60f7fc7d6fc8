import { emptyPlan } from './emptyPlan';
import { entityProblem, type Taken } from './entityProblem';
import { COLLECTIONS, kindOf, type Collection, type Entities } from './kinds/index';
import type { Site } from './schemas/site';
import { findIn, type Plan } from './plan';
import type { EditRefusal } from './refusal';

/** Entities of every kind, as a file lists them. */
export type Lists = { readonly [C in Collection]: readonly Entities[C][] };

/** An entity that cannot stand: which one of its list, and why. */
export interface Misfit {
  readonly collection: Collection;
  readonly index: number;
  readonly refusal: EditRefusal;
}

/**
 * Builds a plan from lists by the same rules as edits, each entity looked at once: linear in their number. Stops at `most`
 * misfits; the plan holds what fits.
 */
export function assemble(site: Site, lists: Lists, most: number): { plan: Plan; misfits: Misfit[] } {
  const plan = emptyPlan(site.id, site.name);
  const building = { ...plan, site } as Plan;
  const taken: Taken = new Map(COLLECTIONS.map((collection) => [collection, new Map()]));
  const misfits: Misfit[] = [];
  const place = <C extends Collection>(collection: C, entity: Entities[C], index: number) => {
    const kind = kindOf(collection);
    const table = building[collection] as Record<string, Entities[C]>;
    const id = (entity as unknown as Record<string, string>)[kind.key]!;
    const refusal =
      findIn(table, id) !== undefined
        ? ({ reason: 'exists', what: kind.word, id, at: kind.key } as const)
        : entityProblem(building, collection, entity, undefined, taken);
    if (refusal) return misfits.push({ collection, index, refusal });
    // The table is this function's own until it is handed out.
    table[id] = entity;
    if (kind.unique) taken.get(collection)?.set(kind.unique.of(entity), id);
    return 0;
  };
  for (const collection of COLLECTIONS) {
    for (const [index, entity] of lists[collection].entries()) {
      place(collection, entity, index);
      if (misfits.length >= most) return { plan: building, misfits };
    }
  }
  return { plan: building, misfits };
}
