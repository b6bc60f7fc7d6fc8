import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { CHROMIUMS, chromiumPath } from './chromium.mjs';
import { install, root } from './prepare.mjs';

/** `npm test`: installs what is missing, then build, unit tests, types, crosscheck, Playwright, lint, format. */

const has = (command) => spawnSync(command, ['--version'], { stdio: 'ignore' }).status === 0;

/** Debian packages the tests use. Installed where that is possible; otherwise it is said what is missing. */
function systemPackages() {
  const headless = process.env.CHROMIUM || existsSync(CHROMIUMS[0]);
  const wanted = [!headless && 'chromium-headless-shell', !has('ngspice') && 'ngspice'].filter(Boolean);
  if (wanted.length === 0) return;
  console.log(`Installing ${wanted.join(' and ')}...`);
  const root = process.getuid?.() === 0 && has('apt-get');
  const apt = (...args) =>
    spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  if (root) {
    apt('update', '-qq');
    for (const one of wanted) apt('install', '-y', '-qq', one);
    // Older archives have Chromium with windows only.
    if (!existsSync(chromiumPath())) apt('install', '-y', '-qq', 'chromium');
  }
  if (!existsSync(chromiumPath())) {
    console.error(
      'Chromium is missing and could not be installed: apt-get install chromium-headless-shell, or set CHROMIUM to its path.',
    );
    process.exit(1);
  }
}

const CACHE = join(root, 'node_modules/.cache/aldaba');

/** The compiler as a native program: a quarter of the time. Lint and the check of pages need the one in script. */
const TSC = 'node_modules/typescript-native/bin/tsc';

const ASTRO_CHECK = ['astro', 'check', '--tsconfig', 'tsconfig.astro.json', '--minimumSeverity', 'error'];

/** Where the runners leave how long each test took. */
const UNIT_TIMES = join(CACHE, 'unit.json');
const BROWSER_TIMES = join(CACHE, 'browser.json');

/**
 * Each lane runs its steps one after the other; the lanes of a stage run side by side, on two cores. Steps that are `behind` take only
 * what the others of their stage leave of the cores: nothing in them waits for a clock.
 */
const STAGES = [
  [
    [
      ['build', 'node', ['scripts/build.mjs']],
      ['size of the door bench', 'node', ['scripts/bundleSize.mjs']],
      ['types of core, without DOM or Node', 'node', [TSC, '-p', 'core/tsconfig.json']],
      ['types of pages', 'npx', ASTRO_CHECK],
      ['crosscheck', 'npx', ['tsx', 'cli/crosscheck.ts']],
    ],
    [
      [
        'unit tests',
        'npx',
        [
          'vitest',
          'run',
          '--no-isolate',
          '--maxWorkers=2',
          '--reporter=dot',
          '--reporter=json',
          `--outputFile.json=${UNIT_TIMES}`,
        ],
      ],
    ],
  ],
  [
    [['in the browser', 'npx', ['playwright', 'test'], { foremost: true }]],
    [
      ['types', 'node', [TSC, '-p', '.'], { behind: true }],
      ['lint', 'npx', ['eslint', '.'], { behind: true }],
      ['format', 'node', ['scripts/format.mjs'], { behind: true }],
    ],
  ],
];

/** Compilers make much and keep little of it: with more room for what is young they spend a tenth less on clearing up. */
const ROOMY = {
  ...process.env,
  NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim(),
};

/** The last lines of each step that failed, told again at the end: a log that is cut short keeps its end. */
const lastWords = new Map();

/** Runs one step. What it says is kept together and shown when it ends; what is foremost shows at once. */
const step = ([name, command, args, { behind = false, foremost = false } = {}]) =>
  new Promise((resolve) => {
    const start = Date.now();
    if (foremost) console.log(`\n== ${name}`);
    const out = foremost ? 'inherit' : 'pipe';
    const child = spawn(...(behind ? ['nice', ['-n', '19', command, ...args]] : [command, args]), {
      cwd: root,
      stdio: ['ignore', out, out],
      env: foremost ? { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: BROWSER_TIMES } : ROOMY,
    });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (chunk) => said.push(chunk));
    const end = (ok, why = '') => {
      if (!foremost) console.log(`\n== ${name}\n${Buffer.concat(said).toString().trimEnd()}`);
      if (!ok && !foremost)
        lastWords.set(name, Buffer.concat(said).toString().trimEnd().split('\n').slice(-25));
      const seconds = ((Date.now() - start) / 1000).toFixed(1);
      console.log(`== ${name}: ${ok ? 'passed' : 'FAILED'} in ${seconds} s${why}`);
      resolve(ok);
    };
    child.on('error', (error) => end(false, `: ${error.message}`));
    child.on('close', (code) => end(code === 0));
  });

/** How long each test took, s: of the unit tests by file, of those in the browser one by one. */
function times() {
  const read = (path) => (existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : {});
  const unit = (read(UNIT_TIMES).testResults ?? []).map(({ name, startTime, endTime }) => ({
    what: name.slice(root.length + 1),
    seconds: (endTime - startTime) / 1000,
  }));
  const inSuite = ({ file, suites = [], specs = [] }) => [
    ...suites.flatMap(inSuite),
    ...specs.map(({ title, tests }) => ({
      what: `e2e/${file}: ${title}`,
      seconds:
        tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration, 0) / 1000,
    })),
  ];
  return [...unit, ...(read(BROWSER_TIMES).suites ?? []).flatMap(inSuite)];
}

/** What failed, each with the first line of why: at the end, where a log that was cut short still has it. */
function failures() {
  const read = (path) => (existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : {});
  const brief = (message) =>
    stripVTControlCharacters(message ?? '')
      .trim()
      .split('\n')
      .slice(0, 6)
      .join('\n      ');
  const unit = (read(UNIT_TIMES).testResults ?? []).flatMap(({ name, status, message, assertionResults }) => {
    const file = name.slice(root.length + 1);
    const told = assertionResults
      .filter((one) => one.status === 'failed')
      .map((one) => `${file}: ${one.fullName}\n      ${brief(one.failureMessages[0])}`);
    return told.length === 0 && status === 'failed' ? [`${file}\n      ${brief(message)}`] : told;
  });
  const inSuite = ({ file, suites = [], specs = [] }) => [
    ...suites.flatMap(inSuite),
    ...specs
      .filter(({ ok }) => !ok)
      .map(
        ({ title, tests }) =>
          `e2e/${file}: ${title}\n      ${brief(tests.flatMap(({ results }) => results).find(({ error }) => error)?.error.message)}`,
      ),
  ];
  return [...unit, ...(read(BROWSER_TIMES).suites ?? []).flatMap(inSuite)];
}

const begun = Date.now();
install();
systemPackages();
mkdirSync(CACHE, { recursive: true });
// What an earlier run left says nothing of this one.
for (const left of [UNIT_TIMES, BROWSER_TIMES]) rmSync(left, { force: true });
let passed = 0;
const failed = [];
stages: for (const lanes of STAGES) {
  await Promise.all(
    lanes.map(async (steps) => {
      for (const one of steps) {
        if (await step(one)) passed += 1;
        else failed.push(one[0]);
      }
    }),
  );
  // Without a build there is nothing to drive a browser against.
  if (failed.includes('build')) break stages;
}
console.log('\nThe ten slowest:');
for (const { what, seconds } of times()
  .sort((a, b) => b.seconds - a.seconds)
  .slice(0, 10))
  console.log(`  ${seconds.toFixed(1).padStart(6)} s  ${what}`);
console.log(`All of it: ${((Date.now() - begun) / 1000).toFixed(0)} s`);
if (failed.length > 0) console.log(`\nFailed: ${failed.join(', ')}`);
for (const one of failures()) console.log(`  ${one}`);
for (const [name, lines] of lastWords) console.log(`\nThe last of ${name}:\n  ${lines.join('\n  ')}`);
console.log(`\nsteps: ${passed} passed, ${failed.length} failed`);
process.exit(failed.length > 0 ? 1 : 0);
