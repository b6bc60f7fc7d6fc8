import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { cpus } from 'node:os';
import { join } from 'node:path';
import { install, root } from './prepare.mjs';

/**
 * `npm run check`: for daily work, under a minute. Lint and types of everything, both remembering what they saw last time, and
 * the unit tests that what changed since the last commit reaches. Tests that take long by nature are left to `npm test`,
 * unless they themselves were changed.
 */
const LONG = [
  'demo/sweep.test.ts',
  'cli/aldaba.test.ts',
  'cli/database.test.ts',
  'core/checks/mistakes.test.ts',
  'core/checks/vetRemedies.test.ts',
  'core/prove/oracle.test.ts',
  'src/server/pack.test.ts',
  'src/server/admitted.test.ts',
  'src/server/savingModel.test.ts',
  'src/server/drawPages.test.ts',
  'src/server/fuzz.test.ts',
  'src/server/diagram.test.ts',
];

install();
const cache = join(root, 'node_modules/.cache/aldaba');
mkdirSync(cache, { recursive: true });
const git = (...args) =>
  spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
const changed = new Set([
  ...git('diff', '--name-only', 'HEAD'),
  ...git('ls-files', '--others', '--exclude-standard'),
]);
const long = LONG.filter((file) => !changed.has(file));

const STEPS = [
  ['lint', 'npx', ['eslint', '--cache', '--cache-location', join(cache, 'eslint'), '.']],
  ['types', 'node', ['node_modules/typescript-native/bin/tsc', '-p', 'tsconfig.json', '--noEmit']],
  [
    'unit tests of what changed',
    'npx',
    [
      'vitest',
      'run',
      '--changed',
      '--passWithNoTests',
      '--no-isolate',
      '--reporter=dot',
      ...long.flatMap((file) => ['--exclude', file]),
    ],
  ],
];

const begun = Date.now();
const failed = [];
const seconds = (since) => ((Date.now() - since) / 1000).toFixed(1);
const run = ([name, command, args]) =>
  new Promise((resolve) => {
    const start = Date.now();
    const said = [];
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => said.push(chunk));
    child.on('close', (code) => {
      if (code !== 0) {
        failed.push(name);
        console.log(`\n== ${name}\n${Buffer.concat(said).toString().trimEnd()}`);
      }
      console.log(`== ${name}: ${code === 0 ? 'passed' : 'FAILED'} in ${seconds(start)} s`);
      resolve();
    });
  });
// As many at a time as there are cores.
// The longest first, so that both cores end together.
const waiting = [STEPS[1], STEPS[2], STEPS[0]];
await Promise.all(
  Array.from({ length: Math.min(cpus().length, STEPS.length) }, async () => {
    for (let step = waiting.shift(); step; step = waiting.shift()) await run(step);
  }),
);
console.log(`${failed.length === 0 ? 'all passed' : `failed: ${failed.join(', ')}`} in ${seconds(begun)} s`);
process.exit(failed.length === 0 ? 0 : 1);
