import { useEffect } from 'react';
import { useSite, useStore } from './store/context';

/**
 * Marks the page once edits can be made and what stands beside it has come alive: listeners are in place, and whoever drives the page by
 * machine may begin. It stands inside the same boundary as parts that are fetched later, and waits with them.
 */
export function Alive(): null {
  const store = useStore();
  const { ready } = useSite();
  // What edits are looked at with, and the rest of the site, are fetched behind the view that was asked for.
  useEffect(() => {
    void store.makeReady().then(() => store.complete());
  }, [store]);
  useEffect(() => {
    // What can be read and turned over stands earlier.
    document.documentElement.dataset['standing'] = '';
    if (ready) document.documentElement.dataset['alive'] = '';
  }, [ready]);
  return null;
}
