import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test } from '@playwright/test';
import { chromiumPath } from '../scripts/chromium.mjs';
import { api, openDoor, ownCopy } from './help';

/** Everything that a browser has written into its folder, as it lies on the disk. */
const written = (folder: string): string =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => {
      try {
        return readFileSync(join(entry.parentPath ?? entry.path, entry.name), 'latin1');
      } catch {
        return '';
      }
    })
    .join('\n');

test('a code typed without the network can be read in no file of the browser, and is sent by the next tab', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'aldaba-profile-'));
  const launch = () =>
    chromium.launchPersistentContext(folder, {
      executablePath: chromiumPath(),
      args: ['--no-sandbox', '--disable-gpu'],
      serviceWorkers: 'block',
    });
  let context = await launch();
  try {
    let page = context.pages()[0] ?? (await context.newPage());
    const site = await ownCopy(page);
    await openDoor(page, 'D05', 'program', site);
    await page.getByRole('tab', { name: 'People', exact: true }).click();
    await page.getByRole('button', { name: 'Add a person' }).click();
    // What seals has come: until it has, a code waits in its tab.
    await expect
      .poll(() =>
        page.evaluate(() =>
          performance.getEntriesByType('resource').some(({ name }) => /\/seal\./.test(name)),
        ),
      )
      .toBe(true);
    await context.setOffline(true);
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name').fill('Haru');
    await dialog.getByLabel('Code').fill('661203');
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await expect(dialog).toBeHidden();
    await page.getByRole('heading', { level: 1 }).getByRole('button').click();
    await page.getByLabel('Name of the door').fill('Bindery zinnia');
    await page.keyboard.press('Enter');
    await expect(page.getByText('No network.')).toBeVisible();
    expect(await page.evaluate(() => JSON.stringify({ ...localStorage }))).toContain('zinnia');
    expect(
      await page.evaluate(() => JSON.stringify([{ ...localStorage }, { ...sessionStorage }])),
    ).not.toContain('661203');
    await context.close();
    const files = written(folder);
    // What is no secret is there: it was looked for where it would be.
    expect(files.replaceAll('\0', '')).toContain('zinnia');
    expect(files.replaceAll('\0', '')).not.toContain('661203');

    context = await launch();
    page = context.pages()[0] ?? (await context.newPage());
    await openDoor(page, 'D05', 'program', site);
    await expect
      .poll(async () => (await page.request.get(api(site, '/export.json?secrets=include'))).text(), {
        timeout: 30_000,
      })
      .toContain('661203');
    expect(await (await page.request.get(api(site, '/export.json'))).text()).toContain('Bindery zinnia');
    await page.request.delete(api(site), {
      data: { name: 'Quillhaven Archive' },
      headers: { origin: new URL(page.url()).origin },
    });
  } finally {
    await context.close();
    rmSync(folder, { recursive: true, force: true });
  }
});
