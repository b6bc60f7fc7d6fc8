/** Tries that failed, by lane: somebody's name at an address, an address, every address together. */
export type Tries = ReadonlyMap<
  string,
  { readonly count: number; readonly until: number; readonly last: number }
>;

/** A place where failed tries are counted: so many cost nothing, then each further one makes the next wait longer, up to a longest. */
interface Lane {
  readonly key: string;
  readonly free: number;
  readonly longest: number;
}

/** Failed tries are forgotten after so long, ms. */
const FORGOTTEN_MS = 15 * 60_000;
const MOST_LANES = 2000;

/**
 * Lanes of a try. Whoever guesses under one name waits longest; an address that guesses under many is slowed, and all addresses together a little,
 * but a stranger keeps nobody out: a name that signed in from an address before has a lane of its own there.
 */
const lanesOf = (address: string, name: string, isKnown: boolean): Lane[] => [
  { key: `${address} ${name.toLowerCase()}`, free: 5, longest: 15 * 60_000 },
  ...(isKnown
    ? []
    : [
        { key: address, free: 60, longest: 60_000 },
        { key: '*', free: 600, longest: 5_000 },
      ]),
];

/** Who tries, from where. */
export interface Try {
  readonly address: string;
  readonly name: string;
  /** That name has signed in from there before. */
  readonly isKnown: boolean;
}

/** How long a try has to wait, ms; 0 where it may be made now. */
export const waitFor = (tries: Tries, { address, name, isKnown }: Try, now: number): number =>
  Math.max(0, ...lanesOf(address, name, isKnown).map(({ key }) => (tries.get(key)?.until ?? 0) - now));

/** The tries after one that failed: beyond what is free the wait doubles, up to the lane's longest. */
export function afterFailure(tries: Tries, { address, name, isKnown }: Try, now: number): Tries {
  const next = new Map([...tries].filter(([, { last }]) => last > now - FORGOTTEN_MS));
  for (const { key, free, longest } of lanesOf(address, name, isKnown)) {
    const count = (next.get(key)?.count ?? 0) + 1;
    const wait = count <= free ? 0 : Math.min(longest, 1000 * 2 ** Math.min(30, count - free));
    next.delete(key);
    next.set(key, { count, until: now + wait, last: now });
  }
  // The oldest lane is forgotten first; what all of them did together is not.
  for (const key of next.keys()) {
    if (next.size <= MOST_LANES) break;
    if (key !== '*') next.delete(key);
  }
  return next;
}

/** The tries after one that succeeded: right ones cost nothing, and that name begins anew there. */
export function afterSuccess(tries: Tries, { address, name }: Try): Tries {
  const next = new Map(tries);
  next.delete(`${address} ${name.toLowerCase()}`);
  return next;
}
