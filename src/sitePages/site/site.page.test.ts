import { expect, ownCopy, test } from '../../testing/page';

test('what regions ask stands side by side, the site’s own first; another region changes the order and the findings', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D02');
  await page.goto(`/s/${site}/pack`);
  const table = page.getByRole('table', { name: 'What local codes ask of a door' });
  await expect(table.getByRole('columnheader').nth(1)).toHaveText('Europe this site');
  const release = table.getByRole('row', { name: /^Manual release/ });
  await expect(release.getByRole('cell').first()).toHaveText('a break glass in the lock’s own power');
  await page.getByLabel('Region').selectOption('North America');
  await expect(table.getByRole('columnheader').nth(1)).toHaveText('North America this site');
  await expect(release.getByRole('cell').first()).toContainText('cuts the lock’s own power for 30 s');
  await expect(page.getByText(/UL 294:\d{4} \(access control\)/)).toBeAttached();
});
