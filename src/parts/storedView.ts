import { useEffect, useState } from 'react';

/**
 * What somebody last chose of a view, kept for this tab: after a reload it is as it was left. The server, and the first paint,
 * show what a view begins with.
 */
export function useStoredView<T extends string>(
  name: string,
  first: T,
  all: readonly T[],
): [T, (value: T) => void] {
  const key = `aldaba.view.${name}`;
  const [value, setValue] = useState<T>(first);
  useEffect(() => {
    const kept = sessionStorage.getItem(key) as T | null;
    if (kept !== null && all.includes(kept)) setValue(kept);
  }, [key]);
  return [
    value,
    (next) => {
      setValue(next);
      try {
        sessionStorage.setItem(key, next);
      } catch {
        // No room: it is forgotten with the page.
      }
    },
  ];
}
