import { expect, test } from '@playwright/test';
import { bench, openDoor, ownCopy, ready, saved, verdicts } from './help';
import { DEMO } from './servers';

test('an intercom set: a conflict is refused with its reason, then wired, and its key opens the gate', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/sets`);
  await ready(page);
  const card = page.getByRole('region', { name: 'Intercom set A' });
  await card.getByRole('radio', { name: 'D10 DS1 on channel 1' }).check();
  await expect(card.getByRole('alert')).toContainText('are both on channel 1');
  await card.getByRole('radio', { name: 'D10 DS1 on channel 3' }).check();
  await expect(card.getByRole('alert')).toHaveCount(0);
  await card.getByRole('button', { name: 'Wire the set' }).click();
  await expect(card.getByRole('status')).toContainText('Nothing is missing');
  await saved(page);
  await openDoor(page, 'D13', 'wire', site);
  await bench(page)
    .getByRole('button', { name: /^Key 1 of (D\d+\/)?AS1$/ })
    .click();
  await expect(bench(page).getByText('Unlocked', { exact: true })).toBeVisible();
});

test('a bus: addresses as DIP pictures, the terminator at the last, another order', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/sets`);
  await ready(page);
  const bus = page.getByRole('region', { name: 'Bus of D12 K1' });
  await expect(bus.getByRole('img', { name: 'DIP switches for 1: 1 on' })).toHaveCount(2);
  await bus.getByLabel('Address of D12 R2').fill('3');
  await expect(bus.getByRole('img', { name: 'DIP switches for 3: 1, 2 on' })).toBeVisible();
  await bus.getByLabel('Terminator of D12 R2').check();
  await expect(bus.getByText('taken twice')).toHaveCount(0);
  await bus.getByRole('button', { name: 'D12 R2 earlier' }).click();
  await expect(bus.getByLabel('Terminator of D12 R1')).toBeChecked();
  await expect(bus.getByLabel('Terminator of D12 R2')).not.toBeChecked();
  await saved(page);
  await openDoor(page, 'D12', 'wire', site);
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  await expect(page.locator('[data-loop="bus"]').first()).toBeVisible();
});

test('network devices: an address of the wrong form is not kept, one taken twice is named', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/sets`);
  await ready(page);
  const card = page.getByRole('region', { name: 'Network' });
  const address = card.getByLabel('network address of D12 K1');
  await address.fill('10.20.4');
  await expect(card.getByRole('alert')).toContainText('Like 10.0.4.21');
  await address.fill('10.20.4.24');
  await address.press('Enter');
  await expect(card.getByText('taken twice')).toHaveCount(2);
  await saved(page);
  await openDoor(page, 'D12', 'wire', site);
  await expect(verdicts(page)).toContainText('have the same network address');
});
