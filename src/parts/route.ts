import type { StationId } from '#core/checks/index';
import { STATIONS } from '#core/checks/stations';
import { say } from '#words/parts/route';

export const SITE_PAGES = ['doors', 'supplies', 'release', 'sets', 'people', 'types', 'log', 'pack'] as const;
export type SitePage = (typeof SITE_PAGES)[number];

export const PAGE_NAMES: Record<SitePage, string> = {
  doors: say.allDoors,
  supplies: say.supplies,
  release: say.release,
  sets: say.intercomAndBuses,
  people: say.people,
  types: say.types,
  log: say.log,
  pack: say.pack,
};

/** Where somebody is. A door without an id means the first one. */
export type Route =
  | { readonly kind: 'door'; readonly door: string | null; readonly station: StationId }
  | { readonly kind: 'page'; readonly page: SitePage };

/** A part of a path as it was meant; null where its percent signs mean nothing. */
function decoded(part: string): string | null {
  try {
    return decodeURIComponent(part);
  } catch {
    return null;
  }
}

/** Reads a path under a site: `doors/D03/wire`, `people`. Null for one that leads nowhere. */
export function parseRoute(path: string): Route | null {
  const parts = path.split('/').filter(Boolean).map(decoded);
  if (parts.includes(null)) return null;
  const [first, door, station] = parts as string[];
  if (first === undefined) return { kind: 'door', door: null, station: 'wire' };
  if (parts.length === 1 && SITE_PAGES.includes(first as SitePage))
    return { kind: 'page', page: first as SitePage };
  if (first !== 'doors' || !door || parts.length > 3) return null;
  if (station === undefined) return { kind: 'door', door, station: 'wire' };
  return STATIONS.includes(station as StationId)
    ? { kind: 'door', door, station: station as StationId }
    : null;
}

export function routePath(site: string, route: Route): string {
  const base = `/s/${encodeURIComponent(site)}`;
  if (route.kind === 'page') return `${base}/${route.page}`;
  return route.door === null ? base : `${base}/doors/${encodeURIComponent(route.door)}/${route.station}`;
}
