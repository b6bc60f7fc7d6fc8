/** Who listens for changes of a site. One process, so memory is enough. */
const listeners = new Map<string, Set<(revision: number) => void>>();

/** Calls back with the new revision after each change of a site, until the returned function is called. */
export function onChange(site: string, listener: (revision: number) => void): () => void {
  const set = listeners.get(site) ?? new Set();
  listeners.set(site, set);
  set.add(listener);
  return () => {
    set.delete(listener);
    if (set.size === 0) listeners.delete(site);
  };
}

export function announceChange(site: string, revision: number): void {
  for (const listener of listeners.get(site) ?? []) listener(revision);
}
