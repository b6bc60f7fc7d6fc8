import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { quillhaven } from '#demo/quillhaven';
import { openDatabase } from '../src/server/db/open';
import { createSite } from '../src/server/sites/siteList';
import { ready, verdicts } from './help';
import { DEMO } from './servers';

/** The server of this test, which is really stopped: what stands then, the browser kept. */
const folder = mkdtempSync(join(tmpdir(), 'aldaba-offline-'));
const data = join(folder, 'aldaba.db');
const port = DEMO.port + 9;
const url = `http://127.0.0.1:${port}`;
let server: ChildProcess | null = null;

async function start(): Promise<void> {
  server = spawn(process.execPath, ['dist/server/main.mjs'], {
    stdio: 'ignore',
    env: { ...process.env, ALDABA_DATA: data, PORT: String(port), HOST: '127.0.0.1' },
  });
  await expect
    .poll(
      () =>
        fetch(`${url}/api/sites`).then(
          ({ status }) => status,
          () => 0,
        ),
      { timeout: 30_000 },
    )
    .toBe(200);
}

async function stop(): Promise<void> {
  const ended = new Promise((resolve) => server?.once('exit', resolve));
  server?.kill('SIGKILL');
  await ended;
}

test.use({ serviceWorkers: 'allow', viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
test.beforeAll(async () => {
  createSite(openDatabase(data), quillhaven(), { author: 'demo', at: new Date().toISOString() });
  await start();
});
test.afterAll(async () => {
  await stop();
  rmSync(folder, { recursive: true, force: true });
});

/** Paths that the browser keeps. */
const keptPaths = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    const names = await caches.keys();
    const lists = await Promise.all(names.map(async (name) => (await caches.open(name)).keys()));
    return lists.flat().map((request) => new URL(request.url).pathname);
  });
const line = (page: Page) =>
  page.getByText(/No network\. Kept on this phone; sent when the network is back\./);

test('a page opens without the server, judges, and sends what was changed when the network is back', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto(`${url}/s/quillhaven/doors/D02/wire`);
  await ready(page);
  await expect.poll(() => keptPaths(page), { timeout: 40_000 }).toContain('/s/quillhaven');
  const paths = await keptPaths(page);
  expect(paths.filter((path) => path.startsWith('/_astro/')).length).toBeGreaterThan(40);
  // Nothing of the API is kept, and no page of one door with its verdicts: only the site, without codes.
  expect(paths.filter((path) => path.startsWith('/api'))).toEqual([]);
  const code = Object.values(quillhaven().people).find((person) => person.code)!.code!;
  const shell = await page.evaluate(async () => (await caches.match('/s/quillhaven'))!.text());
  expect(shell).toContain('D14');
  expect(shell).not.toMatch(new RegExp(`\\b${code}\\b`));

  await stop();
  await expect(line(page)).toBeVisible({ timeout: 20_000 });
  // Another door than the one that was open: nobody fetched its page before.
  await page.goto(`${url}/s/quillhaven/doors/D03/brief`);
  await ready(page);
  await expect(page).toHaveTitle(/D03 Brief/);
  await expect(line(page)).toContainText('Codes are not kept here');
  await page.getByRole('button', { name: /^Verdicts/ }).click();
  await expect(verdicts(page).getByRole('article').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel('Notes').fill('Seen in the riser');
  await page.getByLabel('Notes').blur();
  await expect(page.getByText('Not sent yet')).toBeVisible();

  // The system closes the tab without a word; the next one, also without the server, has what was written.
  const context = page.context();
  await page.close({ runBeforeUnload: false });
  const next = await context.newPage();
  await next.goto(`${url}/s/quillhaven/doors/D03/brief`);
  await ready(next);
  await expect(next.getByLabel('Notes')).toHaveValue('Seen in the riser');

  await start();
  await expect(line(next)).toBeHidden({ timeout: 40_000 });
  await expect(next.locator('header').getByText('Saved', { exact: true })).toBeVisible({ timeout: 40_000 });
  const answer = await next.request.get(`${url}/api/sites/quillhaven`);
  const { plan } = (await answer.json()) as { plan: { doors: Record<string, { notes: string }> } };
  expect(plan.doors['D03']?.notes).toBe('Seen in the riser');
});
