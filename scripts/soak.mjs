import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { install, root } from './prepare.mjs';

/**
 * `npm run soak [cases]`: at length what `npm test` tries in small slices. Every search and every property whose tests import
 * scripts/testSlice is tried whole; whatever admission lets in is judged, drawn, written and read back (20 000 plans); bodies that
 * are mutated at random never break the server; tabs under random networks lose nothing. Takes hours; name a folder or a file
 * after the number to try that alone: `npm run soak 2000 core/orders`.
 */
install();
const [cases = '20000', ...only] = process.argv.slice(2);
const files = spawnSync('git', ['ls-files', '*.test.ts', '*.test.tsx'], { cwd: root, encoding: 'utf8' })
  .stdout.split('\n')
  .filter((file) => file !== '')
  .filter((file) => /scripts\/testSlice'|env\['SOAK'\]/.test(readFileSync(join(root, file), 'utf8')))
  .filter((file) => only.length === 0 || only.some((one) => file.startsWith(one)));
const { status } = spawnSync('npx', ['vitest', 'run', ...files], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, SOAK: cases, SEED: process.env.SEED ?? 'new' },
});
process.exit(status ?? 1);
