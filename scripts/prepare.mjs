import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { notePreloads } from './preloads.mjs';

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

/** Installs the packages of the lock file where they are missing or older than it; the database driver fits this Node afterwards. */
export function install() {
  installPackages();
  fitDriver();
}

/** A driver that was built for another Node, as after an update, does not load: it is built again. */
function fitDriver() {
  const loads = () =>
    spawnSync(process.execPath, ['-e', "new (require('better-sqlite3'))(':memory:')"], {
      cwd: root,
      encoding: 'utf8',
    });
  const { status, stderr } = loads();
  if (status === 0) return;
  if (!/NODE_MODULE_VERSION|ERR_DLOPEN_FAILED|Could not locate the bindings/.test(stderr)) return;
  console.log(`Building the database driver for Node ${process.version} (two to three minutes)...`);
  run('npm', ['rebuild', 'better-sqlite3']);
  const again = loads();
  if (again.status === 0) return;
  console.error(
    `The database driver does not load in Node ${process.version}:\n${again.stderr}\nUse Node 20 or 22, or remove node_modules and try again.`,
  );
  process.exit(1);
}

function installPackages() {
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
  !existsSync(join(root, 'dist/server/main.mjs')) ||
  !existsSync(STAMP) ||
  statSync(STAMP).mtimeMs < newestSource();

/** Files worth squeezing, by their ending. */
const SQUEEZED = /\.(js|css|svg|json|html|webmanifest)$/;

/** Writes every text file of the client beside itself in both forms that browsers take, as small as they get. */
function squeeze(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) squeeze(path);
    if (!entry.isFile() || !SQUEEZED.test(entry.name)) continue;
    const body = readFileSync(path);
    writeFileSync(`${path}.gz`, gzipSync(body, { level: 9 }));
    // What every page loads is squeezed as far as it goes; the large files of few pages would take long.
    const quality = body.length < 300_000 ? constants.BROTLI_MAX_QUALITY : 9;
    const params = {
      [constants.BROTLI_PARAM_QUALITY]: quality,
      [constants.BROTLI_PARAM_SIZE_HINT]: body.length,
    };
    writeFileSync(`${path}.br`, brotliCompressSync(body, { params }));
  }
}

/** The service worker, with the name of every file that it keeps: whatever a build changes gives it another name. */
function buildServiceWorker(client) {
  // Installed by now, which it is not when this file is first read.
  const { transformSync } = createRequire(import.meta.url)('esbuild');
  const files = readdirSync(client, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => `/${relative(client, join(entry.parentPath ?? entry.path, entry.name))}`)
    .sort();
  const hash = createHash('sha256');
  for (const file of files) hash.update(file).update(readFileSync(join(client, file)));
  const { code } = transformSync(readFileSync(join(root, 'src/offline/serviceWorker.ts'), 'utf8'), {
    loader: 'ts',
    minify: true,
    define: { FILES: JSON.stringify(files), BUILD: JSON.stringify(hash.digest('hex').slice(0, 12)) },
  });
  writeFileSync(join(client, 'sw.js'), code);
}

/** What runs as a process or thread of its own on the server, by the name that its bundle has. */
const SERVED = {
  main: 'src/server/main.ts',
  judge: 'src/server/judging/judge.worker.ts',
  office: 'src/server/office/office.worker.ts',
};

/** The server and its threads, a file each beside the built pages: reading their sources one by one takes two seconds. */
function bundleServer() {
  const { buildSync } = createRequire(import.meta.url)('esbuild');
  buildSync({
    absWorkingDir: root,
    entryPoints: SERVED,
    outdir: 'dist/server',
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    sourcemap: true,
    define: { 'import.meta.env': JSON.stringify({ PROD: true }) },
  });
}

/** Builds the application. */
export function build() {
  const begun = new Date();
  run('npx', ['astro', 'build'], { quiet: true });
  notePreloads(root);
  buildServiceWorker(join(root, 'dist/client'));
  squeeze(join(root, 'dist/client'));
  bundleServer();
  writeFileSync(STAMP, `${begun.toISOString()}\n`);
}

/** Builds the application where its sources are newer than what is built. */
export function buildIfNeeded() {
  if (!needsBuild()) return;
  console.log('Building...');
  build();
}
