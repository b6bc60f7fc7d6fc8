import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { posix } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** The graph of the whole repository: who imports whom, by value or by type alone. */

const FILES = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx', '*.mjs'], {
  encoding: 'utf8',
})
  .split('\n')
  .filter((file) => file !== '' && existsSync(file));

const ALIASES: readonly (readonly [string, string])[] = Object.entries(
  (JSON.parse(readFileSync('package.json', 'utf8')) as { imports: Record<string, string> }).imports,
).map(([alias, target]) => [alias.replace('*', ''), target.replace('./', '').replace(/\*.*/, '')]);

const known = new Set(FILES);
function resolved(from: string, named: string): string | null {
  const alias = ALIASES.find(([prefix]) => named.startsWith(prefix));
  const path = alias
    ? alias[1] + named.slice(alias[0].length)
    : named.startsWith('.')
      ? posix.join(posix.dirname(from), named)
      : null;
  return path === null
    ? null
    : (['', '.ts', '.tsx', '/index.ts'].map((end) => path + end).find((one) => known.has(one)) ?? null);
}

/** Every file with those that it imports. */
const graphOf = (
  files: readonly string[],
  text: (file: string) => string,
): ReadonlyMap<string, readonly string[]> =>
  new Map(
    files.map((file) => [
      file,
      ts
        .preProcessFile(text(file), true, true)
        .importedFiles.flatMap(({ fileName }) => resolved(file, fileName) ?? []),
    ]),
  );

/** Groups of files each of which reaches every other (Tarjan). */
function circlesIn(graph: ReadonlyMap<string, readonly string[]>): string[][] {
  const at = new Map<string, { index: number; low: number }>();
  const stack: string[] = [];
  const found: string[][] = [];
  const visit = (file: string): number => {
    const mine = { index: at.size, low: at.size };
    at.set(file, mine);
    stack.push(file);
    for (const next of graph.get(file) ?? []) {
      const seen = at.get(next);
      if (!seen) mine.low = Math.min(mine.low, visit(next));
      else if (stack.includes(next)) mine.low = Math.min(mine.low, seen.index);
    }
    if (mine.low === mine.index) {
      const circle = stack.splice(stack.indexOf(file));
      if (circle.length > 1 || graph.get(file)?.includes(file)) found.push(circle.sort());
    }
    return mine.low;
  };
  for (const file of graph.keys()) if (!at.has(file)) visit(file);
  return found;
}

describe('imports', () => {
  it('run in no circle, by value or by type', () => {
    const graph = graphOf(FILES, (file) => readFileSync(file, 'utf8'));
    expect([...graph.values()].flat().length).toBeGreaterThan(3000);
    expect(circlesIn(graph)).toEqual([]);
  });
  it('would be seen to', () => {
    const texts: Record<string, string> = {
      'core/units/gauge.ts': "import type { A } from './format'; export type B = A;",
      'core/units/format.ts': "import type { B } from './gauge'; export type A = B;",
    };
    expect(circlesIn(graphOf(Object.keys(texts), (file) => texts[file]!))).toEqual([
      Object.keys(texts).sort(),
    ]);
  });
});
