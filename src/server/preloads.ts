import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Route } from '../parts/route';

/** Addresses of scripts, as the build noted them: what every page of a site begins with, and what each view adds. */
interface Preloads {
  readonly every: readonly string[];
  readonly stations: Readonly<Record<string, readonly string[]>>;
  readonly pages: Readonly<Record<string, readonly string[]>>;
}

let known: Preloads | null = null;

/** Addresses of the scripts that a page begins with; none where nothing is built. */
export function preloads(route: Route | null): readonly string[] {
  const path = join(process.cwd(), 'dist/server/preloads.json');
  known ??= existsSync(path)
    ? (JSON.parse(readFileSync(path, 'utf8')) as Preloads)
    : { every: [], stations: {}, pages: {} };
  if (!route) return known.every;
  const more = route.kind === 'page' ? known.pages[route.page] : known.stations[route.station];
  return [...known.every, ...(more ?? [])];
}
