import { spawnSync, type SpawnSyncReturns } from 'node:child_process';
import { join } from 'node:path';
import { buildSync } from 'esbuild';

/**
 * The command line as one file, so that a test can run it as a process of its own in a fraction of a second; reading its
 * sources one by one takes two. Packages stay outside.
 */
const bundle = (): string => bundled('cli', "import './cli/aldaba.ts';");

/** A few lines as one file with all that they import, from the root of the project; for tests that run a process of its own. */
export function bundled(name: string, contents: string): string {
  const outfile = join('node_modules', '.cache', 'aldaba', `${name}-${process.pid}.mjs`);
  buildSync({
    stdin: { contents, resolveDir: process.cwd(), loader: 'ts' },
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
  });
  return outfile;
}

let file: string | null = null;

/** The command line as one file. */
export const bundledAldaba = (): string => (file ??= bundle());

/** Runs the command line with these arguments; for tests. */
export const runAldaba = (
  args: readonly string[],
  options: { readonly input?: string; readonly env?: NodeJS.ProcessEnv } = {},
): SpawnSyncReturns<string> =>
  spawnSync(process.execPath, [bundledAldaba(), ...args], { encoding: 'utf8', ...options });
