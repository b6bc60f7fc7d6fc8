/// <reference lib="webworker" />
import type { KeepMessage } from './message';

/**
 * Keeps the application and the sites that were opened, so that a page opens without the server. Built apart from the pages:
 * `scripts/prepare.mjs` puts in the files of the build and its name. Nothing of the API is ever kept, least of all a code.
 */

declare const self: ServiceWorkerGlobalScope;
/** Paths of every file of this build. */
declare const FILES: readonly string[];
/** Tells this build from others. */
declare const BUILD: string;

const PREFIX = 'aldaba-';
const CACHE = `${PREFIX}${BUILD}`;
/** Where the site that was open last is noted. */
const LAST = '/last-site';
/** How long a page that is kept waits for a newer one from the server, ms: a riser with one bar of signal is no reason to wait. */
const PATIENCE_MS = 5000;
/** Files fetched at a time, behind whatever the page is doing. */
const AT_A_TIME = 4;

const files = new Set(FILES);
/** One after the other: two tabs ask for the same. */
let keeping: Promise<void> = Promise.resolve();

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('message', (event) => {
  const { kind, site } = event.data as KeepMessage;
  if (kind !== 'keep') return;
  keeping = keeping.then(() => keep(site)).catch(() => undefined);
  event.waitUntil(keeping);
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (origin !== self.location.origin) return;
  // Whoever signs out leaves nothing that the next one could read.
  if (request.method === 'POST' && pathname === '/api/sign-out') event.waitUntil(forgetPages());
  if (request.method !== 'GET') return;
  if (request.mode === 'navigate') event.respondWith(page(request, pathname));
  else if (files.has(pathname)) event.respondWith(file(request, pathname));
});

const shellOf = (site: string): string => `/s/${encodeURIComponent(site)}`;

/** Fetches what is not kept yet: every file of the build, and the site as it is now. Older builds go only after that. */
async function keep(site: string): Promise<void> {
  const cache = await caches.open(CACHE);
  const kept = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
  const missing = FILES.filter((path) => !kept.has(path));
  for (let at = 0; at < missing.length; at += AT_A_TIME)
    await Promise.all(missing.slice(at, at + AT_A_TIME).map((path) => cache.add(path)));
  // The page of all doors carries the whole site, without its secrets.
  const response = await fetch(`${shellOf(site)}/doors`, { headers: { accept: 'text/html' } });
  if (response.ok && !response.redirected) {
    await cache.put(shellOf(site), response);
    await cache.put(LAST, new Response(site));
  }
  for (const name of await caches.keys())
    if (name.startsWith(PREFIX) && name !== CACHE) await caches.delete(name);
}

async function forgetPages(): Promise<void> {
  for (const name of await caches.keys()) {
    if (!name.startsWith(PREFIX)) continue;
    const cache = await caches.open(name);
    for (const request of await cache.keys())
      if (!files.has(new URL(request.url).pathname)) await cache.delete(request);
  }
}

/** A file of the build never changes under its name. */
async function file(request: Request, pathname: string): Promise<Response> {
  return (await caches.match(pathname)) ?? fetch(request);
}

/** The page from the server; where that does not come, or says that it is not well, the site as it was kept. */
async function page(request: Request, pathname: string): Promise<Response> {
  const kept = await keptPage(pathname);
  const fresh = fetch(request);
  if (!kept) return fresh;
  const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PATIENCE_MS));
  const response = await Promise.race([fresh, late]).catch(() => null);
  if (response && response.status < 500) return response;
  fresh.catch(() => undefined);
  return kept;
}

async function keptPage(pathname: string): Promise<Response | undefined> {
  if (pathname === '/') {
    const last = await caches.match(LAST);
    return last && Response.redirect(shellOf(await last.text()));
  }
  const [, s, site] = pathname.split('/');
  return s === 's' && site ? caches.match(shellOf(decodeURIComponent(site))) : undefined;
}
