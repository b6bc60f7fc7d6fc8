/**
 * What a table was made from: tables are never changed, a new one is a copy with a few entries put, replaced or taken out. Who
 * knows something of the old one need look only at those.
 */
type Table = Readonly<Record<string, unknown>>;

interface Step {
  readonly from: Table;
  /** Ids of the entries that differ; all others are the very same. */
  readonly ids: readonly string[];
}

const steps = new WeakMap<Table, Step>();

/** Steps that are remembered: each keeps an older table in memory. */
const MOST_STEPS = 8;

/** Says that a table is another one with these entries put, replaced or taken out. Returns the table. */
export function madeFrom<T extends Table>(table: T, from: Table, ids: readonly string[]): T {
  steps.set(table, { from, ids });
  let oldest: Table = from;
  for (let n = 1; n < MOST_STEPS; n += 1) {
    const before = steps.get(oldest)?.from;
    if (!before) return table;
    oldest = before;
  }
  // What lies further back is let go.
  steps.delete(oldest);
  return table;
}

/** The nearest table that this one was made from and that is wanted, with the entries that differ; null where none is known. */
export function ancestorOf<T extends Table>(
  table: T,
  isWanted: (table: T) => boolean,
): { readonly table: T; readonly ids: ReadonlySet<string> } | null {
  const ids = new Set<string>();
  for (let step = steps.get(table); step; step = steps.get(step.from)) {
    for (const id of step.ids) ids.add(id);
    if (isWanted(step.from as T)) return { table: step.from as T, ids };
  }
  return null;
}

/** Ids whose entry is not the very same object in two states of a table, those that are gone among them. */
export function changedIds(old: Table, now: Table): string[] {
  if (old === now) return [];
  const differs = (id: string) => old[id] !== now[id] || Object.hasOwn(old, id) !== Object.hasOwn(now, id);
  const from = ancestorOf(now, (table) => table === old) ?? ancestorOf(old, (table) => table === now);
  if (from) return [...from.ids].filter(differs);
  const ids = Object.keys(now).filter(differs);
  return [...Object.keys(old).filter((id) => !Object.hasOwn(now, id)), ...ids];
}
