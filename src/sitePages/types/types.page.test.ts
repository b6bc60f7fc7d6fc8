import { expect, openDoor, ownCopy, saved, test } from '../../testing/page';
test('an own device type is made, tried, used, changed to a new version, and the device updated', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D05');
  await page.goto(`/s/${site}/types`);
  await page.getByLabel('Duplicate from the library').selectOption('exit-touchless');
  const bench = page.getByRole('complementary', { name: 'Test circuit' });
  await expect(bench).toContainText('Apply 12 V DC to V+ and V-: draws 40 mA');
  await page.getByLabel('Name', { exact: true }).fill('Bench sensor');
  await page.getByRole('group', { name: 'Part board' }).getByLabel('draw (A or W)').fill('0.12');
  await expect(bench).toContainText('draws 0.12 A');
  await bench.getByLabel('reversed').check();
  await expect(bench).toContainText('fed backwards');
  // What does not fit together is named, and nothing can be saved until it does.
  await page.getByRole('group', { name: 'Part k.no' }).getByLabel('worked by').fill('nonsense');
  await expect(bench).toContainText('Nothing works the contact');
  await expect(page.getByRole('button', { name: 'Save as version 1' })).toBeDisabled();
  await page.getByRole('group', { name: 'Part k.no' }).getByLabel('worked by').fill('sensed');
  await page.getByRole('button', { name: 'Save as version 1' }).click();
  await expect(page.getByText('Bench sensor')).toBeVisible();
  await saved(page);

  await openDoor(page, 'D05', 'wire', site);
  await page.getByRole('tab', { name: 'Hardware' }).click();
  await page.getByRole('button', { name: 'Add a device' }).click();
  await page.getByRole('dialog').getByLabel('Find').fill('bench sensor');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Bench sensor/ })
    .click();
  await expect(page.getByRole('list', { name: 'Terminals of X2' })).toBeVisible();
  await saved(page);

  await page.goto(`/s/${site}/types`);
  await expect(page.getByText('in use: D05 X2')).toBeVisible();
  await page.getByRole('button', { name: 'Change' }).click();
  await page.getByRole('group', { name: 'Part board' }).getByLabel('draw (A or W)').fill('0.2');
  await page.getByRole('button', { name: 'Save as version 2' }).click();
  await saved(page);

  await openDoor(page, 'D05', 'wire', site);
  await page.getByRole('tab', { name: 'Hardware' }).click();
  await page.getByRole('button', { name: 'See what changes' }).click();
  await expect(page.getByRole('dialog')).toContainText('draw 0.12 → 0.2');
  await page.getByRole('button', { name: 'Update X2' }).click();
  await expect(page.getByRole('button', { name: 'See what changes' })).toHaveCount(0);
});
