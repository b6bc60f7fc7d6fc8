import { ancestorOf } from './lineage';

type Table<E> = Readonly<Record<string, E>>;

/** Entries beyond which it is quicker to work a table out anew. */
const MOST_PATCHED = 200;

/**
 * Works something out of a table once: tables are never changed, a new plan has new ones. Where the same is known of a table
 * that this one was made from, `patch` makes it from that and from the entries that differ; it must come to what `make` does.
 */
export function oncePer<K extends Table<unknown>, T>(
  make: (table: K) => T,
  patch: (known: T, from: K, table: K, ids: ReadonlySet<string>) => T,
): (table: K) => T {
  const known = new WeakMap<K, { readonly value: T }>();
  return (table) => {
    const before = known.get(table);
    if (before) return before.value;
    const near = ancestorOf(table, (one) => known.has(one));
    const value =
      near && near.ids.size <= MOST_PATCHED
        ? patch(known.get(near.table)!.value, near.table, table, near.ids)
        : make(table);
    known.set(table, { value });
    return value;
  };
}
