import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Plan } from '#core/plan/index';
import { openDatabase } from '../src/server/db/open';
import { createSite } from '../src/server/sites/siteList';

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

export interface BenchServer {
  readonly url: string;
  /** Memory that the server holds, MB. */
  memory(): number;
  stop(): void;
}

/** The built server on a free port, with these sites in a database of its own. */
export async function startServer(...plans: readonly Plan[]): Promise<BenchServer> {
  if (!existsSync('dist/server/main.mjs')) throw new Error('build first: npm run build');
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-bench-'));
  const path = join(folder, 'aldaba.db');
  const db = openDatabase(path);
  for (const plan of plans) createSite(db, plan, { author: 'bench', at: new Date().toISOString() });
  db.$client.close();
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const server = spawn(process.execPath, ['dist/server/main.mjs'], {
    stdio: 'ignore',
    env: { ...process.env, ALDABA_DATA: path, HOST: '127.0.0.1', PORT: String(port), NODE_ENV: 'production' },
  });
  await answers(url);
  return {
    url,
    memory: () => residentMb(server.pid ?? 0),
    stop: () => {
      server.kill();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

async function answers(url: string): Promise<void> {
  for (let tries = 0; tries < 200; tries += 1) {
    const ok = await fetch(`${url}/api/sites`).then(
      (response) => response.ok,
      () => false,
    );
    if (ok) return;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error('the server did not answer');
}

/** Resident memory of a process, from what Linux tells of it; NaN elsewhere. */
function residentMb(pid: number): number {
  try {
    return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024;
  } catch {
    return NaN;
  }
}
