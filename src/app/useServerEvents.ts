import { useEffect } from 'react';
import type { SiteStore } from '../store/siteStore';

/** Hears of what others change while the page stands, and whether the server is reached; asks before a tab with unsaved work closes. */
export function useServerEvents(store: SiteStore, site: string): void {
  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent) => {
      // The browser asks before a tab with unsaved work closes.
      if (store.isUnsaved()) event.preventDefault();
    };
    window.addEventListener('beforeunload', leaving);
    const events = new EventSource(`/api/sites/${encodeURIComponent(site)}/events`);
    events.addEventListener('message', ({ data }) => store.catchUp(Number(data)));
    events.addEventListener('open', () => store.reach(true));
    // An answer that is an error ends the stream; without any it is tried again.
    events.addEventListener('error', () => events.readyState !== EventSource.CLOSED && store.reach(false));
    // A stream does not notice that the phone has left the network; the browser does.
    const [lost, back] = [() => store.reach(false), () => store.reach(true)];
    window.addEventListener('offline', lost);
    window.addEventListener('online', back);
    return () => {
      events.close();
      window.removeEventListener('offline', lost);
      window.removeEventListener('online', back);
      window.removeEventListener('beforeunload', leaving);
      store.close();
    };
  }, [store, site]);
}
