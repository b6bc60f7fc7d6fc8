import { spawnSync } from 'node:child_process';
import { install, root } from './prepare.mjs';

/**
 * `npm run soak [cases]`: the properties of the edge, at length. Whatever admission lets in is judged, drawn, written and read
 * back (20 000 plans); bodies that are mutated at random never break the server (10 000); tabs under random networks
 * lose nothing (300 runs). Takes an hour or more; the same tests run briefly with `npm test`.
 */
install();
const cases = process.argv[2] ?? '20000';
const { status } = spawnSync(
  'npx',
  [
    'vitest',
    'run',
    'src/server/admitted.test.ts',
    'src/server/fuzz.test.ts',
    'src/server/savingModel.test.ts',
  ],
  { cwd: root, stdio: 'inherit', env: { ...process.env, SOAK: cases, SEED: 'new' } },
);
process.exit(status ?? 1);
