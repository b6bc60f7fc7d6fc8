/** Numbers for things that say the same: looked up by the thing itself, and only where it is new by what it says. */
export interface StateInterner<T extends object> {
  of(one: T): number;
}

export function stateInterner<T extends object>(say: (one: T) => string | number): StateInterner<T> {
  const known = new WeakMap<T, number>();
  const numbers = new Map<string | number, number>();
  return {
    of(one) {
      const before = known.get(one);
      if (before !== undefined) return before;
      const said = say(one);
      let number = numbers.get(said);
      if (number === undefined) numbers.set(said, (number = numbers.size));
      known.set(one, number);
      return number;
    },
  };
}

/** So many names are told apart by the digits of one number that is still exact. */
const MOST_DIGITS = 52;

/**
 * Sets of names: a number with a binary digit for each name that was met, and one of their own where there are too many. Most sets
 * are met once, so that to count them is quicker than to keep them.
 */
export function setInterner(): StateInterner<ReadonlySet<string>> {
  const digits = new Map<string, number>();
  const many = stateInterner<ReadonlySet<string>>((set) => [...set].sort().join(' '));
  return {
    of(set) {
      if (set.size === 0) return 0;
      let sum = 0;
      for (const name of set) {
        let digit = digits.get(name);
        if (digit === undefined) digits.set(name, (digit = 2 ** digits.size));
        sum += digit;
      }
      return digits.size <= MOST_DIGITS ? sum : -1 - many.of(set);
    },
  };
}

/** What a table says, by its keys. */
export const sayTable = (table: ReadonlyMap<string, unknown>): string =>
  table.size === 0 ? '' : JSON.stringify([...table].sort(([a], [b]) => (a < b ? -1 : 1)));
