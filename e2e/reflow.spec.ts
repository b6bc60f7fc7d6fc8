import { expect, test } from '@playwright/test';
import { ready } from './help';
import { DEMO } from './servers';

test('at 400 % every page and every act is still reached', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 256 });
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D03/wire`);
  await ready(page);
  await page.getByRole('button', { name: 'Doors', exact: true }).click();
  await page.getByRole('list', { name: 'Pages of the site' }).getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D03/wire`);
  await ready(page);
  await page.getByRole('button', { name: 'Verdicts: 1 to fix' }).click();
  await expect(page.getByRole('button', { name: 'Latch F1' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Bench', exact: true }).click();
  await page.getByRole('button', { name: 'Exit', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Bench' })).toContainText('Unlocked');
});
