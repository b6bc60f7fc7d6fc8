import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

let known: readonly string[] | null = null;

/** Addresses of the scripts that every page of a site begins with, as the build noted them; none where nothing is built. */
export function preloads(): readonly string[] {
  const path = join(process.cwd(), 'dist/server/preloads.json');
  known ??= existsSync(path) ? (JSON.parse(readFileSync(path, 'utf8')) as string[]) : [];
  return known;
}
