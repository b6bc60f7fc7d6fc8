import { api, expect, openDoor, ownCopy, saved, test } from '../../testing/page';
test('a setting is checked off by name, taken back, and open again once it is changed', async ({ page }) => {
  const site = await ownCopy(page, 'D12');
  await openDoor(page, 'D12', 'wire', site);
  await page.getByRole('tab', { name: 'Settings' }).click();
  const reader = page.getByRole('article', { name: 'Settings of R1' });
  const stands = reader.getByRole('checkbox', { name: /^R1: switches .* stand so/ });
  // Nobody's check is none.
  await page.getByLabel('Checked by').fill('');
  await stands.click();
  await expect(stands).not.toBeChecked();
  await expect(page.getByText('Who checks?')).toBeVisible();
  await page.getByLabel('Checked by').fill('Ines');
  await stands.click();
  await expect(stands).toBeChecked();
  await expect(page.getByText(/^1 of \d+ set and checked/)).toBeVisible();
  await stands.click();
  await expect(stands).not.toBeChecked();
  await stands.click();
  await expect(stands).toBeChecked();
  await saved(page);
  const file = (await (await page.request.get(api(site, '/export.json'))).json()) as {
    readings: { check: string; by: string; withdrawn: object | null }[];
  };
  const ours = file.readings.filter(({ check }) => check.startsWith('setting:D12/R1'));
  expect(ours.map(({ by, withdrawn }) => [by, withdrawn === null]).sort()).toEqual([
    ['Ines', false],
    ['Ines', true],
  ]);
  // Another address: the switches stand otherwise, and nobody has looked at that.
  const picture = reader.getByRole('img', { name: /R1, bus address/ });
  await expect(picture).toHaveAttribute('aria-label', /: .* on/);
  const before = await picture.getAttribute('aria-label');
  await reader.getByRole('textbox', { name: 'Bus address' }).fill('9');
  await page.keyboard.press('Enter');
  await expect(picture).toHaveAttribute('aria-label', 'R1, bus address: 1, 4 on');
  expect(before).not.toBe('R1, bus address: 1, 4 on');
  await expect(stands).not.toBeChecked();
});
