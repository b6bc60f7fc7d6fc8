import { expect, test } from '@playwright/test';
import { ownCopy, ready } from './help';
import { DEMO } from './servers';

test('what releases what is drawn from the wires, and turns with them', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/release`);
  await ready(page);
  await page.getByRole('tab', { name: 'Fire zones' }).click();
  const picture = page.getByRole('region', { name: 'What releases what, as a picture' });
  await expect(picture.getByRole('img', { name: 'Fire relay D03 F1: NC · not latched' })).toBeVisible();
  await expect(
    picture.getByRole('img', { name: 'Works on D09 PS1 fire input: a run of its own' }),
  ).toBeVisible();
  await expect(
    picture.getByRole('img', { name: /^Door D04 Cold vault: fail-secure: out by its lever$/ }),
  ).toBeVisible();
  const zone = page.getByRole('region', { name: 'Zone 1, ground floor' });
  await zone.getByRole('button', { name: 'D10/F1' }).click();
  await expect(
    picture.getByRole('img', { name: 'Fire zone Zone 1, ground floor: trips 5 relays' }),
  ).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(picture).toBeVisible();
});
