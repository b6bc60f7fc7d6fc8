import { expect, test } from '@playwright/test';
import { openDoor, ownCopy } from './help';

test.use({ viewport: { width: 390, height: 844 } });

test('at the door: one check at a time, with a thumb', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D04', 'test', site);
  await expect(page.getByText('10 of 17')).toBeVisible();
  await page.getByRole('textbox', { name: /^Reading/ }).fill('0.1');
  await page.getByRole('textbox', { name: /^Reading/ }).press('Enter');
  await expect(page.getByText('Pass: 0.10 V')).toBeVisible();
  const next = page.getByRole('button', { name: 'Next' });
  const box = await next.boundingBox();
  expect(box?.height).toBeGreaterThanOrEqual(44);
  await next.click();
  await expect(page.getByText('11 of 17')).toBeVisible();
  // Nothing runs off the side.
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('ledger and verdicts are drawers', async ({ page }) => {
  await openDoor(page, 'D03');
  await page.getByRole('button', { name: 'Verdicts: 1 to settle' }).click();
  await expect(page.getByRole('button', { name: 'Latch F1' })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click({ position: { x: 20, y: 300 } });
  await page.getByRole('button', { name: 'Doors', exact: true }).click();
  await page.getByRole('link', { name: /Cold vault/ }).click();
  await expect(page.getByRole('heading', { name: /D04 Cold vault/ })).toBeVisible();
});
