import { COLLECTIONS, type Collection } from './kinds/index';
import type { Edit } from './edit';
import { changedIds, madeFrom } from './lineage';
import type { Plan } from './plan';

/** What became of a plan: entries that are new or different, and ids that are gone, table by table. */
export interface PlanDelta {
  readonly site?: Plan['site'];
  readonly set: { readonly [T in Collection]?: Plan[T] };
  readonly gone: { readonly [T in Collection]?: readonly string[] };
}

/**
 * The difference between two states of a plan. Edits keep what they do not touch, so an entry has changed where
 * it is not the very same object; a plan that was read anew differs everywhere, which is slow and still right.
 */
export function planDelta(before: Plan, after: Plan): PlanDelta {
  const set: Record<string, Record<string, unknown>> = {};
  const gone: Record<string, string[]> = {};
  for (const name of COLLECTIONS) {
    const [old, now] = [before[name], after[name]] as [Record<string, unknown>, Record<string, unknown>];
    if (old === now) continue;
    const changed = changedIds(old, now);
    const fresh = changed.filter((id) => Object.hasOwn(now, id));
    const lost = changed.filter((id) => !Object.hasOwn(now, id));
    if (fresh.length > 0) set[name] = Object.fromEntries(fresh.map((id) => [id, now[id]]));
    if (lost.length > 0) gone[name] = lost;
  }
  return { ...(before.site === after.site ? {} : { site: after.site }), set, gone } as PlanDelta;
}

/** The later state again, from the earlier one and the difference. The order of entries may differ. */
export function applyDelta(before: Plan, { site, set, gone }: PlanDelta): Plan {
  const after: Record<string, unknown> = { ...before, ...(site ? { site } : {}) };
  for (const name of COLLECTIONS) {
    if (!set[name] && !gone[name]) continue;
    const table: Record<string, unknown> = { ...before[name], ...set[name] };
    for (const id of gone[name] ?? []) delete table[id];
    const changed = [...Object.keys(set[name] ?? {}), ...(gone[name] ?? [])];
    after[name] = madeFrom(table, before[name], changed);
  }
  return after as unknown as Plan;
}

/** One entry that differs between two states of a plan; null where it was not yet there, or is no more. */
export interface Changed<C extends Collection = Collection> {
  readonly collection: C;
  readonly id: string;
  readonly before: Plan[C][string] | null;
  readonly after: Plan[C][string] | null;
}

/** What takes a change back, and what the change left behind: who takes it back later sees what has changed since. */
export interface EditBack {
  readonly inverse: Edit;
  readonly left: readonly Pick<Changed, 'collection' | 'id' | 'after'>[];
}

/** What is to be kept of a change for as long as somebody may take it back. */
export const editBack = (before: Plan, after: Plan, inverse: Edit): EditBack => ({
  inverse,
  left: changedEntries(before, after).map(({ collection, id, after: left }) => ({
    collection,
    id,
    after: left,
  })),
});

/** Every entry that differs, collection by collection. The site itself is not among them. */
export function changedEntries(before: Plan, after: Plan): Changed[] {
  return COLLECTIONS.flatMap((collection) => {
    const [old, now] = [before[collection], after[collection]];
    return changedIds(old, now).map((id) => ({
      collection,
      id,
      before: old[id] ?? null,
      after: now[id] ?? null,
    }));
  });
}
