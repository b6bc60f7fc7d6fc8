import { useEffect } from 'react';
import { useIncomplete } from '../parts/rescue';
import type { LazyView } from '../parts/lazily';
import { stand, whenStanding } from '../parts/standing';
import { useSite, useStore } from '../store/context';

/** When the page has stood for so long the application and the site are kept in the browser, ms. */
const KEPT_AFTER_MS = 4000;

/** A part that is fetched once the page stands. */
export type Behind = Pick<LazyView<object>, 'preload'>;
const NONE: readonly Behind[] = [];

/**
 * Marks the page once edits can be made and what stands beside it has come alive: listeners are in place, and whoever drives the page by
 * machine may begin. It stands inside the same boundary as parts that are fetched later, and waits with them.
 */
export function Alive({ behind = NONE }: { readonly behind?: readonly Behind[] }): null {
  const store = useStore();
  const { ready } = useSite();
  const incomplete = useIncomplete();
  useEffect(() => {
    // What can be read and turned over stands now; what was not asked for is fetched behind it.
    document.documentElement.dataset['standing'] = '';
    stand();
  }, []);
  // What edits are looked at with, and the rest of the site, are fetched behind the view that was asked for.
  useEffect(() => {
    void whenStanding()
      .then(() => store.makeReady())
      .then(() => store.complete());
  }, [store]);
  useEffect(() => {
    // A site of which something is missing does not take the place of the whole one that is kept.
    if (!ready || incomplete || import.meta.env.DEV) return undefined;
    let end = () => {};
    const begin = async () => {
      end = (await import('../offline/keepOffline')).keepOffline(store);
    };
    // Without the network there is nothing to keep yet: the next page tries again.
    const timer = setTimeout(() => void begin().catch(() => {}), KEPT_AFTER_MS);
    return () => {
      clearTimeout(timer);
      end();
    };
  }, [ready, incomplete, store]);
  useEffect(() => {
    if (!ready) return;
    // What cannot be fetched now is no reason to wait: it says so itself.
    void Promise.allSettled(behind.map((view) => view.preload())).then(() =>
      // Once more through the browser's queue: what has arrived is drawn first.
      setTimeout(() => (document.documentElement.dataset['alive'] = ''), 0),
    );
  }, [ready, behind]);
  return null;
}
