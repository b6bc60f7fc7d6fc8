import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './prepare.mjs';

/**
 * Adds up the JavaScript that pages load at once, gzipped, bytes: what every page of a site begins with, and what each view adds.
 * Fails above its budget.
 */
const BUDGET = { every: 270_000, view: 135_000 };
const folder = join(root, 'dist/client/_astro');
const files = readdirSync(folder).filter((name) => name.endsWith('.js'));
const sources = new Map(files.map((name) => [name, readFileSync(join(folder, name), 'utf8')]));

/** Files that a file imports statically, and workers it starts; a dynamic import is loaded only where used. */
function needs(name, seen = new Set()) {
  if (seen.has(name) || !sources.has(name)) return seen;
  seen.add(name);
  const text = sources.get(name);
  for (const match of text.matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g)) needs(match[1], seen);
  for (const match of text.matchAll(/new Worker\(new URL\(["'](?:\/_astro\/)?([^"']+\.js)["']/g))
    needs(match[1], seen);
  for (const worker of files.filter((file) => file.includes('.worker-') && text.includes(file)))
    needs(worker, seen);
  return seen;
}

const size = (names) => names.reduce((sum, name) => sum + gzipSync(sources.get(name)).length, 0);
const kB = (bytes) => `${(bytes / 1000).toFixed(1).padStart(7)} kB`;

const preloads = JSON.parse(readFileSync(join(root, 'dist/server/preloads.json'), 'utf8'));
const named = (paths) => [...paths.reduce((seen, path) => needs(path.split('/').at(-1), seen), new Set())];
const every = named(preloads.every);
for (const name of every.sort((a, b) => size([b]) - size([a]))) console.log(`  ${kB(size([name]))}  ${name}`);
console.log(`  ${kB(size(every))}  every page\n`);

let over = size(every) > BUDGET.every;
for (const kind of ['stations', 'pages']) {
  for (const [view, paths] of Object.entries(preloads[kind])) {
    const more = size(named(paths).filter((name) => !every.includes(name)));
    over ||= more > BUDGET.view;
    console.log(`  ${kB(more)}  more where ${view} is opened`);
  }
}
console.log(
  `every page: ${kB(size(every)).trim()} of ${kB(BUDGET.every).trim()}; a view adds ${kB(BUDGET.view).trim()} at most`,
);
process.exit(over ? 1 : 0);
