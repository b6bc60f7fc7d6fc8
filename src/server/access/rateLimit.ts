/** Tries that failed, by where they came from; `all` counts every address together. */
export type Tries = ReadonlyMap<string, { readonly count: number; readonly until: number }>;

/** Failed tries that cost nothing. */
const FREE = 5;
const FREE_OF_ALL = 40;
const LONGEST_MS = 15 * 60_000;
const MOST_ADDRESSES = 1000;
const ALL = '*';

/** How long an address has to wait before its next try, ms; 0 where it may try now. */
export const waitFor = (tries: Tries, address: string, now: number): number =>
  Math.max(0, ...[address, ALL].map((key) => (tries.get(key)?.until ?? 0) - now));

/** The tries after one that failed: from the sixth on the wait doubles, up to a quarter of an hour. */
export function afterFailure(tries: Tries, address: string, now: number): Tries {
  const next = new Map([...tries].filter(([, { until }]) => until > now - LONGEST_MS));
  for (const [key, free] of [
    [address, FREE],
    [ALL, FREE_OF_ALL],
  ] as const) {
    const count = (next.get(key)?.count ?? 0) + 1;
    const wait = count <= free ? 0 : Math.min(LONGEST_MS, 1000 * 2 ** (count - free));
    next.delete(key);
    next.set(key, { count, until: now + wait });
  }
  // The oldest address is forgotten first; what all of them did together is not.
  for (const key of next.keys()) {
    if (next.size <= MOST_ADDRESSES) break;
    if (key !== ALL) next.delete(key);
  }
  return next;
}

/** The tries after one that succeeded: the address begins anew. */
export function afterSuccess(tries: Tries, address: string): Tries {
  const next = new Map(tries);
  next.delete(address);
  return next;
}
