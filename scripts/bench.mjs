import { buildSync } from 'esbuild';
import { join } from 'node:path';
import { root, run } from './prepare.mjs';

/**
 * `npm run bench`: bundled as the server and the workers are, so that what is measured is what people wait for. Names of parts
 * (`npm run bench -- faults reach`) run those alone.
 */
const outfile = join(root, 'node_modules', '.cache', 'aldaba', 'bench.mjs');
buildSync({
  absWorkingDir: root,
  entryPoints: ['bench/run.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'error',
});
run(process.execPath, [outfile, ...process.argv.slice(2)]);
