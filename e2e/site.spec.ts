import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, ready, saved } from './help';
import { DEMO } from './servers';

test('two tabs that edit one door lose nothing', async ({ browser }) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  const site = await ownCopy(one);
  await openDoor(one, 'D02', 'brief', site);
  await openDoor(two, 'D02', 'brief', site);
  // Two edits at once, from the same base revision.
  await one.getByLabel('Name of the door').fill('Great reading room');
  await two.getByLabel('Notes').fill('Ask the night guard');
  await Promise.all([one.getByLabel('Name of the door').press('Enter'), two.getByLabel('Notes').blur()]);
  await saved(one);
  await saved(two);
  for (const page of [one, two]) {
    await expect(page.getByRole('heading', { name: /Great reading room/ })).toBeVisible();
    await expect(page.getByText(/Ask the night guard/).first()).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: /Great reading room/ })).toBeVisible();
    await expect(page.getByText(/Ask the night guard/).first()).toBeVisible();
  }
  await context.close();
});

test('what is typed while the server is away is kept and sent when it is back', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'brief', site);
  await page.route('**/edits', (route) => route.abort());
  await page.getByLabel('Notes').fill('Typed in the lift');
  await page.getByLabel('Notes').blur();
  await expect(page.getByText('Not sent yet')).toBeVisible();
  await page.unroute('**/edits');
  await page.reload();
  await ready(page);
  await saved(page);
  await expect(page.getByText(/Typed in the lift/).first()).toBeVisible();
});

test('the site goes out as a file and comes in again; a bad file says where it is bad', async ({ page }) => {
  await page.goto(`${DEMO.url}/s/quillhaven/pack`);
  await ready(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Site as Aldaba JSON' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(text).not.toContain('480216');
  const broken = text.replace('"D02/L1.+"', '"D02/L1.plus"');
  const choose = (content: string) =>
    page
      .getByLabel('Aldaba file')
      .setInputFiles({ name: 'site.json', mimeType: 'application/json', buffer: Buffer.from(content) });
  await choose(broken);
  await expect(page.getByRole('alert')).toContainText('Nothing was imported');
  await expect(page.getByRole('alert')).toContainText('there is no terminal "D02/L1.plus"');
  await choose(text);
  await expect(page.getByText(/14 doors, .* 6 people \(0 with a code\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(page).toHaveURL(/\/s\/quillhaven-\d+/);
  await ready(page);
  await expect(page.getByRole('navigation', { name: 'Doors' }).getByText('Reading room')).toBeVisible();
});

test('find, shortcuts and the log', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'wire', site);
  await page.keyboard.press('/');
  await page.keyboard.type('cold');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /D04 Cold vault/ })).toBeVisible();
  await page.keyboard.press('[');
  await expect(page.getByRole('heading', { name: /D03/ })).toBeVisible();
  await page.keyboard.press('4');
  await expect(page).toHaveURL(/D03\/prove$/);
  await expect(page.locator('[data-finding]').first()).toBeVisible();
  await page.keyboard.press('f');
  // The note, or the card that it has meanwhile been folded into.
  await expect(page.locator('[data-finding="fire-not-latched"], [data-cause]').first()).toBeFocused();
  await page.keyboard.press('b');
  await expect(page.getByRole('region', { name: 'Bench' })).toBeHidden();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Latch F1' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'Log' }).click();
  await expect(page.getByRole('cell', { name: 'D03/F1: latch = latching', exact: true })).toBeVisible();
  await expect(page.getByRole('main')).not.toContainText('480216');
});

test('what is typed before Find is there is what Find looks for', async ({ page }) => {
  let letGo = (): void => undefined;
  const held = new Promise<void>((resolve) => (letGo = resolve));
  let asked = 0;
  await page.route(/FindDialog[^/]*\.js$/, async (route) => {
    asked += 1;
    await held;
    await route.continue();
  });
  await openDoor(page, 'D02', 'wire');
  await page.keyboard.press('/');
  await page.keyboard.type('colx');
  await page.keyboard.press('Backspace');
  await page.keyboard.type('d');
  await page.keyboard.press('Enter');
  // None of the letters was a shortcut: the door and the bench stand as they did.
  await expect(page.getByRole('heading', { name: /^D02/ })).toBeVisible();
  await expect.poll(() => asked).toBe(1);
  letGo();
  await expect(page.getByRole('heading', { name: /D04 Cold vault/ })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('lengths in feet', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'wire', site);
  await page.getByRole('button', { name: 'Settings' }).click();
  await page.getByRole('menuitem', { name: /Lengths in feet/ }).click();
  await page.getByRole('tab', { name: 'Wire list' }).click();
  await expect(page.getByLabel('Length of W03, ft')).toHaveValue('39.4');
});
