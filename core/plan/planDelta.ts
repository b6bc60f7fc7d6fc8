import { COLLECTIONS, type Collection } from './kinds/index';
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
    const fresh = Object.entries(now).filter(([id, entry]) => old[id] !== entry);
    const lost = Object.keys(old).filter((id) => !Object.hasOwn(now, id));
    if (fresh.length > 0) set[name] = Object.fromEntries(fresh);
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
    after[name] = table;
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

/** Every entry that differs, collection by collection. The site itself is not among them. */
export function changedEntries(before: Plan, after: Plan): Changed[] {
  return COLLECTIONS.flatMap((collection) => {
    const [old, now] = [before[collection], after[collection]];
    if (old === now) return [];
    return [...new Set([...Object.keys(old), ...Object.keys(now)])]
      .filter((id) => old[id] !== now[id])
      .map((id) => ({ collection, id, before: old[id] ?? null, after: now[id] ?? null }));
  });
}
