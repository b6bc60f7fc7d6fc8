import type { Plan } from './plan';

/** Every part of a plan that is a table by id. */
type Tables = Omit<Plan, 'site'>;

/** What became of a plan: entries that are new or different, and ids that are gone, table by table. */
export interface PlanDelta {
  readonly site?: Plan['site'];
  readonly set: { readonly [T in keyof Tables]?: Tables[T] };
  readonly gone: { readonly [T in keyof Tables]?: readonly string[] };
}

/** Every table has a row here, or this does not compile: one that is forgotten would never reach a worker. */
const ALL = {
  doors: true,
  devices: true,
  conductors: true,
  people: true,
  memories: true,
  readings: true,
  types: true,
  cables: true,
} satisfies Record<keyof Tables, true>;
const TABLES = Object.keys(ALL) as (keyof Tables)[];

/**
 * The difference between two states of a plan. Edits keep what they do not touch, so an entry has changed where
 * it is not the very same object; a plan that was read anew differs everywhere, which is slow and still right.
 */
export function planDelta(before: Plan, after: Plan): PlanDelta {
  const set: Record<string, Record<string, unknown>> = {};
  const gone: Record<string, string[]> = {};
  for (const name of TABLES) {
    const [old, now] = [before[name], after[name]] as [Record<string, unknown>, Record<string, unknown>];
    if (old === now) continue;
    const fresh = Object.entries(now).filter(([id, entry]) => old[id] !== entry);
    const lost = Object.keys(old).filter((id) => !(id in now));
    if (fresh.length > 0) set[name] = Object.fromEntries(fresh);
    if (lost.length > 0) gone[name] = lost;
  }
  return { ...(before.site === after.site ? {} : { site: after.site }), set, gone } as PlanDelta;
}

/** The later state again, from the earlier one and the difference. The order of entries may differ. */
export function applyDelta(before: Plan, { site, set, gone }: PlanDelta): Plan {
  const after: Record<string, unknown> = { ...before, ...(site ? { site } : {}) };
  for (const name of TABLES) {
    if (!set[name] && !gone[name]) continue;
    const table: Record<string, unknown> = { ...before[name], ...set[name] };
    for (const id of gone[name] ?? []) delete table[id];
    after[name] = table;
  }
  return after as unknown as Plan;
}
