import { expect, test } from '@playwright/test';
import { elsewhere, openDoor, ownCopy } from './help';

test.use({ viewport: { width: 390, height: 844 } });

test('at the door: one check at a time, with a thumb', async ({ page }) => {
  const site = await ownCopy(page, 'D04');
  await openDoor(page, 'D04', 'test', site);
  await expect(page.getByText('10 of 17')).toBeVisible();
  const entry = page.getByRole('textbox', { name: /^Reading/ });
  // A reading has a name, and is what is asked for.
  await entry.fill('0.1');
  await entry.press('Enter');
  await expect(page.getByText('A reading is kept with who took it')).toBeVisible();
  await page.getByLabel('Tested by').fill('T. Yeo');
  await entry.fill('470mA');
  await entry.press('Enter');
  await expect(page.getByText('mA is a current; volts are asked for here. Nothing was kept.')).toBeVisible();
  await entry.fill('0.1');
  await entry.press('Enter');
  await expect(page.getByText('Pass: 0.10 V')).toBeVisible();
  const next = page.getByRole('button', { name: 'Next' });
  const box = await next.boundingBox();
  expect(box?.height).toBeGreaterThanOrEqual(44);
  await next.click();
  await expect(page.getByText('11 of 17')).toBeVisible();
  // Nothing runs off the side.
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('an open circuit is one press on a phone, whose keys have no letters', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'test', site);
  await page.getByLabel('Tested by').fill('T. Yeo');
  const open = page.getByRole('button', { name: /^Open \(OL\)/ });
  while (!(await open.isVisible())) await page.getByRole('button', { name: 'Back' }).click();
  await open.click();
  await expect(page.getByRole('status').filter({ hasText: 'open' })).toBeVisible();
});

test('ledger and verdicts are drawers', async ({ page }) => {
  await openDoor(page, 'D03');
  await page.getByRole('button', { name: 'Verdicts: 1 to fix' }).click();
  await expect(page.getByRole('button', { name: 'Latch F1' })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click({ position: { x: 20, y: 300 } });
  await page.getByRole('button', { name: 'Doors', exact: true }).click();
  await page.getByRole('link', { name: /Cold vault/ }).click();
  await expect(page.getByRole('heading', { name: /D04 Cold vault/ })).toBeVisible();
});

test('a change that stands aside can be read and let go with a thumb', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D08', 'brief', site);
  await page.route('**/edits', (route) => route.abort());
  await page
    .getByLabel('Notes')
    .fill('Shim the keep, then check the latch bolt against the strike lip once more');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Not sent yet')).toBeVisible();
  await elsewhere(page, site, { kind: 'removeDoor', id: 'D08' });
  await page.unroute('**/edits');
  await page.getByRole('button', { name: 'Not saved: 1' }).click({ timeout: 45_000 });
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Shim the keep');
  const box = await dialog.boundingBox();
  expect((box?.x ?? -1) >= 0 && (box?.x ?? 0) + (box?.width ?? 999) <= 390).toBe(true);
  await dialog.getByRole('button', { name: 'Discard it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
