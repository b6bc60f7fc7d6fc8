import { bench, expect, openDoor, ownCopy, saved, test, verdicts } from '../../testing/page';
test('an intercom set: a conflict is refused with its reason, then wired, and its key opens the gate', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D10', 'D13');
  await page.goto(`/s/${site}/sets`);
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
  const site = await ownCopy(page, 'D12');
  await page.goto(`/s/${site}/sets`);
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
