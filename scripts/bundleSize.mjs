import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './prepare.mjs';

/** Adds up the JavaScript that the door bench loads at once, gzipped, and fails above its budget. */
const BUDGET = 300_000;
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

const entries = files.filter((name) => /^(App|client)\./.test(name));
const loaded = new Set(entries.flatMap((name) => [...needs(name)]));
const sizes = [...loaded].map((name) => [name, gzipSync(sources.get(name)).length]);
const total = sizes.reduce((sum, [, size]) => sum + size, 0);
for (const [name, size] of sizes.sort((a, b) => b[1] - a[1]))
  console.log(`  ${String((size / 1000).toFixed(1)).padStart(7)} kB  ${name}`);
console.log(`door bench: ${(total / 1000).toFixed(1)} kB of JavaScript gzipped; budget ${BUDGET / 1000} kB`);
process.exit(total <= BUDGET ? 0 : 1);
