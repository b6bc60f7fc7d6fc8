import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Steps that `demo`, `start` and `test` share: a fresh clone needs nothing but Node 20 and npm. */

export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** Runs a command in the project, its output shown; ends this process with its code where it fails. */
export function run(command, args, { env = {}, quiet = false } = {}) {
  const result = spawnSync(command, args, {
    cwd: root,
    stdio: quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
    env: { ...process.env, ...env },
  });
  if (result.error) {
    console.error(`could not run ${command}: ${result.error.message}`);
    process.exit(1);
  }
  if (result.status !== 0) process.exit(result.status ?? 1);
}

/** Installs the packages of the lock file where they are missing or older than it. */
export function install() {
  const stamp = join(root, 'node_modules', '.package-lock.json');
  const lock = join(root, 'package-lock.json');
  if (existsSync(stamp) && statSync(stamp).mtimeMs >= statSync(lock).mtimeMs) return;
  if (existsSync(stamp) && sameLock(stamp, lock)) return;
  console.log('Installing packages (the database driver is compiled: two to three minutes)...');
  run('npm', ['ci', '--no-audit', '--no-fund']);
}

/** A fresh checkout dates every file anew: compare what is installed with what is asked for. */
function sameLock(stamp, lock) {
  const packages = (path) => JSON.parse(readFileSync(path, 'utf8')).packages ?? {};
  const [installed, asked] = [packages(stamp), packages(lock)];
  return Object.entries(asked).every(
    ([name, entry]) => name === '' || entry.optional || installed[name]?.version === entry.version,
  );
}

/** What the build is made from. */
const SOURCES = ['src', 'core', 'words', 'public', 'astro.config.ts', 'package-lock.json', 'tsconfig.json'];
const STAMP = join(root, 'dist', '.built');

/** When anything that the build is made from was last changed, ms. */
function newestSource() {
  const newest = (path) => {
    const stat = statSync(path);
    if (!stat.isDirectory()) return /\.test\.tsx?$/.test(path) ? 0 : stat.mtimeMs;
    // A folder's own time tells of files that were taken out.
    return readdirSync(path).reduce((time, name) => Math.max(time, newest(join(path, name))), stat.mtimeMs);
  };
  return Math.max(...SOURCES.map((name) => newest(join(root, name))));
}

/** True where the built application is missing or older than its sources. */
export const needsBuild = () =>
  !existsSync(join(root, 'dist/server/entry.mjs')) ||
  !existsSync(STAMP) ||
  statSync(STAMP).mtimeMs < newestSource();

/** Builds the application. */
export function build() {
  const begun = new Date();
  run('npx', ['astro', 'build'], { quiet: true });
  writeFileSync(STAMP, `${begun.toISOString()}\n`);
}

/** Builds the application where its sources are newer than what is built. */
export function buildIfNeeded() {
  if (!needsBuild()) return;
  console.log('Building...');
  build();
}
