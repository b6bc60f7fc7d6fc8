import type { SiteStore } from '../store/siteStore';
import type { KeepMessage } from './message';

/** So long after the last change the site is kept anew, ms. */
const QUIET_MS = 20_000;

/**
 * Has the application and this site kept in the browser, and kept anew after changes and when the page is put away. Does nothing
 * where browsers offer no service worker: on plain HTTP from another machine. Gives back what ends it.
 */
export function keepOffline(store: SiteStore): () => void {
  if (!('serviceWorker' in navigator)) return () => {};
  let kept = -1;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isOver = false;
  const keep = async () => {
    const { revision } = store;
    if (isOver || revision === kept || !store.getState().reachable) return;
    kept = revision;
    const registration = await navigator.serviceWorker.ready;
    const message: KeepMessage = { kind: 'keep', site: store.getState().plan.site.id };
    registration.active?.postMessage(message);
  };
  const later = () => {
    clearTimeout(timer);
    if (store.revision !== kept) timer = setTimeout(() => void keep(), QUIET_MS);
  };
  const putAway = () => document.visibilityState === 'hidden' && void keep();
  const unsubscribe = store.subscribe(later);
  document.addEventListener('visibilitychange', putAway);
  // Where it cannot be registered the page works as it did: it only does not open without the server.
  navigator.serviceWorker.register('/sw.js').then(keep, () => undefined);
  return () => {
    isOver = true;
    clearTimeout(timer);
    unsubscribe();
    document.removeEventListener('visibilitychange', putAway);
  };
}
