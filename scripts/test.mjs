import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { CHROMIUMS, chromiumPath } from './chromium.mjs';
import { install, root } from './prepare.mjs';

/** `npm test`: installs what is missing, then lint, format, types, unit tests, crosscheck, build, Playwright. */

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

const ASTRO_CHECK = ['astro', 'check', '--tsconfig', 'tsconfig.astro.json', '--minimumSeverity', 'error'];

/** Each lane runs its steps one after the other; the lanes of a stage run side by side, on two cores. */
const STAGES = [
  [
    [
      ['build', 'node', ['scripts/build.mjs']],
      ['size of the door bench', 'node', ['scripts/bundleSize.mjs']],
      ['format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']],
      ['lint', 'npx', ['eslint', '.']],
      ['types of core, without DOM or Node', 'npx', ['tsc', '-p', 'core/tsconfig.json']],
      ['types of pages', 'npx', ASTRO_CHECK],
      ['types', 'npx', ['tsc', '-p', '.']],
      ['crosscheck', 'npx', ['tsx', 'cli/crosscheck.ts']],
    ],
    [['unit tests', 'npx', ['vitest', 'run', '--no-isolate', '--maxWorkers=2', '--reporter=dot']]],
  ],
  [[['in the browser', 'npx', ['playwright', 'test']]]],
];

/** Compilers make much and keep little of it: with more room for what is young they spend a tenth less on clearing up. */
const ROOMY = {
  ...process.env,
  NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim(),
};

/** Runs one step; where others run beside it, what it says is kept together and shown when it ends. */
const step = (name, command, args, alone) =>
  new Promise((resolve) => {
    const start = Date.now();
    if (alone) console.log(`\n== ${name}`);
    const out = alone ? 'inherit' : 'pipe';
    const child = spawn(command, args, {
      cwd: root,
      stdio: ['ignore', out, out],
      env: alone ? process.env : ROOMY,
    });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (chunk) => said.push(chunk));
    const end = (ok, why = '') => {
      if (!alone) console.log(`\n== ${name}\n${Buffer.concat(said).toString().trimEnd()}`);
      const seconds = ((Date.now() - start) / 1000).toFixed(1);
      console.log(`== ${name}: ${ok ? 'passed' : 'FAILED'} in ${seconds} s${why}`);
      resolve(ok);
    };
    child.on('error', (error) => end(false, `: ${error.message}`));
    child.on('close', (code) => end(code === 0));
  });

install();
systemPackages();
let passed = 0;
const failed = [];
stages: for (const lanes of STAGES) {
  await Promise.all(
    lanes.map(async (steps) => {
      for (const [name, command, args] of steps) {
        if (await step(name, command, args, lanes.length === 1)) passed += 1;
        else failed.push(name);
      }
    }),
  );
  // Without a build there is nothing to drive a browser against.
  if (failed.includes('build')) break stages;
}
if (failed.length > 0) console.log(`\nFailed: ${failed.join(', ')}`);
console.log(`\nsteps: ${passed} passed, ${failed.length} failed`);
process.exit(failed.length > 0 ? 1 : 0);
