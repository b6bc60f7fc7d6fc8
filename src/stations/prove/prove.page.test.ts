import { expect, openDoor, ownCopy, saved, test } from '../../testing/page';
test('single faults are tried, grouped worst first, and one goes on the bench as it stands then', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D03');
  await openDoor(page, 'D03', 'prove', site);
  await page.getByRole('tab', { name: 'Faults' }).click();
  const singles = page.getByRole('region', { name: 'Single faults' });
  await expect(singles.getByRole('status')).toHaveText(/^(\d+) of \1 tried$/);
  await expect(singles.getByRole('heading', { name: /^Open, with no alarm \d+$/ })).toBeVisible();
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench).toContainText('Locked');
  await singles.getByRole('button', { name: /^Wire W01 off: .*: show on the bench$/ }).click();
  await expect(bench).toContainText('Broken: Wire W01 off');
  await expect(bench).toContainText('Unlocked');
  await bench.getByRole('button', { name: 'Back to rest' }).click();
  await expect(bench).not.toContainText('Broken:');
  await expect(bench).toContainText('Locked');
  const worth = page.getByRole('region', { name: 'What each part is worth' });
  await worth.getByRole('button', { name: 'Remove each in turn' }).click();
  await expect(worth.getByRole('listitem').filter({ hasText: 'EB1' })).toContainText(
    /covers for \d+ faults, \d+ of which would lock somebody in/,
  );
});

test('a situation of the table is made so on the bench, and goes on from there', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'prove', site);
  const row = page
    .getByRole('row')
    .filter({ has: page.getByRole('rowheader', { name: 'Fire', exact: true }) });
  await row.getByRole('button').first().click();
  await page.getByRole('button', { name: 'Show on the bench' }).click();
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench).toContainText('Unlocked by the fire alarm');
  await bench.getByRole('button', { name: 'Reset by key' }).click();
  await expect(bench).toContainText('Locked');
});

test('what would help against single faults is tried on a copy, and done by a press', async ({ page }) => {
  const site = await ownCopy(page, 'D10');
  await openDoor(page, 'D10', 'prove', site);
  await page.getByRole('tab', { name: 'Faults' }).click();
  const singles = page.getByRole('region', { name: 'Single faults' });
  await expect(singles.getByRole('heading', { name: /^Somebody is locked in \d+$/ })).toBeVisible();
  const helps = page.getByRole('region', { name: 'What would help' });
  await helps.getByRole('button', { name: 'Try what would help' }).click();
  const glass = helps.getByRole('listitem').filter({ hasText: 'A break glass' });
  // Every fault is tried anew with each of them: long work, which shows its progress.
  await expect(glass).toContainText(/somebody locked in \d+ → \d+/);
  await glass.getByRole('button', { name: 'Do it' }).click();
  await saved(page);
  await expect(helps.getByRole('button', { name: 'Try what would help' })).toBeVisible();
});
