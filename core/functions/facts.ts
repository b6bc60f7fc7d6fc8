import type { Memory } from './signal';

type Facts = Readonly<Record<string, boolean | number | string>>;

/** The facts that one function of a device remembers, apart from those of the others: read and written by name, each with its own type. */
export interface FactsOf<Known extends Facts> {
  /** Undefined of what it has never heard of. */
  recall<What extends keyof Known & string>(memory: Memory | undefined, what: What): Known[What] | undefined;
  remember(memory: Memory, facts: Partial<Known>): Memory;
}

/** Facts under a name that no other function of a device has. */
export function factsUnder<Known extends Facts>(name: string): FactsOf<Known> {
  const keys = new Map<string, string>();
  const key = (what: string): string => {
    let found = keys.get(what);
    if (found === undefined) keys.set(what, (found = `${name}.${what}`));
    return found;
  };
  return {
    recall: (memory, what) => memory?.[key(what)] as Known[typeof what] | undefined,
    remember(memory, facts) {
      const next: Record<string, boolean | number | string> = { ...memory };
      for (const what in facts) {
        const fact = facts[what];
        if (fact !== undefined) next[key(what)] = fact;
      }
      return next;
    },
  };
}
