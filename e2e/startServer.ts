import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { quillhaven } from '#demo/quillhaven';
import { openDatabase } from '../src/server/db/open';
import { createSite } from '../src/server/sites/siteList';

/** Starts the built server on a port with a fresh database: `tsx e2e/startServer.ts 4610 demo en`. */
const [port = '4610', data = 'empty', locale = 'en'] = process.argv.slice(2);
const folder = mkdtempSync(join(tmpdir(), 'aldaba-e2e-'));
const path = join(folder, 'aldaba.db');
if (data === 'demo')
  createSite(openDatabase(path), quillhaven(), { author: 'demo', at: new Date().toISOString() });
const server = spawn(process.execPath, ['dist/server/main.mjs'], {
  stdio: 'inherit',
  env: { ...process.env, ALDABA_DATA: path, HOST: '127.0.0.1', PORT: port, ALDABA_LOCALE: locale },
});
const stop = () => {
  server.kill();
  rmSync(folder, { recursive: true, force: true });
  process.exit(0);
};
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
server.on('exit', (code) => process.exit(code ?? 0));
