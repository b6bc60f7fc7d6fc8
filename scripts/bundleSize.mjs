import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './prepare.mjs';

/**
 * Adds up the JavaScript that pages load, gzipped, bytes: what every page of a site needs to be used, what it fetches once it has
 * nothing else to do (a worker: see `WARM_WITHIN`), and what each view adds to the first. Fails above its budget.
 */
const BUDGET = { every: 200_000, idle: 115_000, stations: 60_000, pages: 115_000 };
const folder = join(root, 'dist/client/_astro');
const files = readdirSync(folder).filter((name) => name.endsWith('.js'));
const sources = new Map(files.map((name) => [name, readFileSync(join(folder, name), 'utf8')]));

/** Files that a file imports statically; a dynamic import is loaded only where used. */
function needs(name, seen = new Set()) {
  if (seen.has(name) || !sources.has(name)) return seen;
  seen.add(name);
  const text = sources.get(name);
  for (const match of text.matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g)) needs(match[1], seen);
  return seen;
}

/** Workers that these files start, and what those share with others. */
const workersOf = (names) => {
  const begun = files.filter(
    (file) => file.includes('.worker-') && names.some((name) => sources.get(name).includes(file)),
  );
  return [...begun.reduce((seen, file) => needs(file, seen), new Set())];
};

const size = (names) => names.reduce((sum, name) => sum + gzipSync(sources.get(name)).length, 0);
const kB = (bytes) => `${(bytes / 1000).toFixed(1).padStart(7)} kB`;

const preloads = JSON.parse(readFileSync(join(root, 'dist/server/preloads.json'), 'utf8'));
const named = (paths) => [...paths.reduce((seen, path) => needs(path.split('/').at(-1), seen), new Set())];
const every = named(preloads.every);
for (const name of every.sort((a, b) => size([b]) - size([a]))) console.log(`  ${kB(size([name]))}  ${name}`);
console.log(`  ${kB(size(every))}  every page, to be used\n`);
const idle = workersOf(every);
console.log(`  ${kB(size(idle))}  once it is idle: ${idle.join(', ')}\n`);

let over = size(every) > BUDGET.every || size(idle) > BUDGET.idle;
for (const kind of ['stations', 'pages']) {
  for (const [view, paths] of Object.entries(preloads[kind])) {
    const names = named(paths).filter((name) => !every.includes(name));
    const more = size(names);
    if (process.argv.includes('--parts'))
      for (const name of names.sort((a, b) => size([b]) - size([a])).slice(0, 8))
        console.log(`      ${kB(size([name]))}  ${name}`);
    over ||= more > BUDGET[kind];
    console.log(`  ${kB(more)}  more where ${view} is opened`);
  }
}
console.log(
  `every page: ${kB(size(every)).trim()} of ${kB(BUDGET.every).trim()}; idle ${kB(size(idle)).trim()} of ${kB(BUDGET.idle).trim()}; a station adds ${kB(BUDGET.stations).trim()} at most, a page of the site ${kB(BUDGET.pages).trim()}`,
);
process.exit(over ? 1 : 0);
