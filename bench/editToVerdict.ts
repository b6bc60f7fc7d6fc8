import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { quillhaven } from '#demo/quillhaven';
import { openDatabase } from '../src/server/db/open';
import { createSite } from '../src/server/sites/siteList';

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** From a change in a field of the Power station to its verdict on the screen, in the real browser, in ms. */
export async function editToVerdict(count: number): Promise<number[]> {
  if (!existsSync('dist/server/entry.mjs')) throw new Error('build first: npm run build');
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-bench-'));
  const path = join(folder, 'aldaba.db');
  createSite(openDatabase(path), quillhaven(), { author: 'bench', at: new Date().toISOString() });
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts'], {
    stdio: 'ignore',
    env: { ...process.env, ALDABA_DATA: path, HOST: '127.0.0.1', PORT: String(port) },
  });
  const browser = await chromium.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    await answers(url);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/s/quillhaven/doors/D02/power`);
    await page.waitForSelector('html[data-alive]');
    await page.waitForTimeout(1500);
    const samples: number[] = [];
    for (let i = 0; i < count; i += 1) {
      samples.push(await oneEdit(page, i % 2 === 0 ? '1.5mm2' : '1mm2'));
      await page.waitForTimeout(40);
    }
    return samples;
  } finally {
    await browser.close();
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function answers(url: string): Promise<void> {
  for (let tries = 0; tries < 100; tries += 1) {
    const ok = await fetch(`${url}/api/sites`).then(
      (response) => response.ok,
      () => false,
    );
    if (ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('the server did not answer');
}

/** Chooses another size for W03 as a person's hand would, and waits for the verdict that judges it. */
const oneEdit = (page: Page, gauge: string): Promise<number> =>
  page.evaluate(
    (value) =>
      new Promise<number>((resolve) => {
        const select = document.querySelector<HTMLSelectElement>('select[aria-label="Size of W03"]');
        const margin = document.querySelector<HTMLElement>('[data-verdict-version]');
        if (!select || !margin) throw new Error('the Power station is not there');
        const before = margin.dataset['verdictVersion'];
        const observer = new MutationObserver(() => {
          if (margin.dataset['verdictVersion'] === before) return;
          observer.disconnect();
          resolve(performance.now() - start);
        });
        observer.observe(margin, { attributes: true });
        const start = performance.now();
        const setter = Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value')?.set;
        setter?.call(select, value);
        select.dispatchEvent(new Event('change', { bubbles: true }));
      }),
    gauge,
  );
