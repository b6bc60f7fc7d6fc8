import { useEffect } from 'react';

/**
 * Marks the page once what stands beside it has come alive: listeners are in place, and whoever drives the page by
 * machine may begin. It stands inside the same boundary as parts that are fetched later, and waits with them.
 */
export function Alive(): null {
  useEffect(() => {
    document.documentElement.dataset['alive'] = '';
  }, []);
  return null;
}
