import { expect, ownCopy, saved, test } from '../../testing/page';
test('a trap is found, explained, left by the fix that was tried, and back with undo', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`/s/${site}/release`);
  const verdicts = page.getByRole('complementary', { name: 'Verdicts on the site' });
  const trap = verdicts.getByRole('article').filter({ hasText: 'No way out: Staff corridor' });
  await expect(trap).toContainText('Controller hung. D10 stays locked whatever is pressed.');
  await page.getByRole('button', { name: 'Controller hung' }).click();
  await expect(page.getByRole('img', { name: 'Staff corridor: no way out' })).toBeVisible();
  await trap.getByRole('button', { name: 'Add a break glass to D10' }).click();
  await expect(trap).toHaveCount(0);
  await expect(page.getByRole('img', { name: 'Staff corridor: by D10' })).toBeVisible();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(trap).toBeVisible();
});

test('a latch that is missing shows in the matrix and beside it, and one press turns both', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`/s/${site}/release`);
  await page.getByRole('tab', { name: 'Fire zones' }).click();
  const cell = (zone: string, door: string) =>
    page.getByRole('button', { name: new RegExp(`^${zone}.*, ${door}:`) });
  await expect(cell('Zone 1', 'D03')).toHaveText('✕ no latch');
  const verdicts = page.getByRole('complementary', { name: 'Verdicts on the site' });
  const card = verdicts.getByRole('article').filter({ hasText: 'D03 does not stay released' });
  await card.getByRole('button', { name: 'Fix what is wrong at D03' }).click();
  await expect(cell('Zone 1', 'D03')).toHaveText('✓ unlocked');
  await expect(card).toHaveCount(0);
  // A relay that the zone no longer trips leaves its door shut; what is asked of a door is said by pressing its cell.
  const zone = page.getByRole('region', { name: 'Zone 2, vestibule and lift' });
  await zone.getByRole('button', { name: 'D14/F1' }).click();
  await expect(cell('Zone 2', 'D14')).toHaveText('✕ needs a button');
  await verdicts.getByRole('button', { name: 'Let the zone trip the relay of D14' }).click();
  await expect(cell('Zone 2', 'D14')).toHaveText('✓ unlocked');
  await cell('Zone 2', 'D01').click();
  await expect(cell('Zone 2', 'D01')).toHaveText('✓ lever');
  await cell('Zone 2', 'D01').click();
  await expect(cell('Zone 2', 'D01')).toHaveText('✓ stays locked');
  await saved(page);
});

test('every single fault of the site is tried, stopped and gone on with', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`/s/${site}/release`);
  await page.getByRole('tab', { name: 'Faults' }).click();
  const faults = page.getByRole('region', { name: 'Single faults of the site' });
  await faults.getByRole('button', { name: 'Try every single fault of the site' }).click();
  await expect(faults.getByRole('status')).toHaveText(/^\d+ of 14 doors, \d+ faults$/);
  await faults.getByRole('button', { name: 'Stop' }).click();
  await faults.getByRole('button', { name: 'Go on' }).click();
  await expect(faults.getByRole('status')).toHaveText(
    /^\d+ faults tried at 14 doors: \d+ trap somebody, \d+ open what is protected$/,
  );
  await expect(faults.getByText('D10: Contact X1 pole welded')).toBeVisible();
});

test('rooms are described from nothing: names, kinds, sides', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`/s/${site}/release`);
  await page.getByText('Rooms, and which door stands between them').click();
  await page.getByLabel('Name of a new room').fill('Bindery loft');
  await page.keyboard.press('Enter');
  await page.getByLabel('D05, inner side').selectOption('Bindery loft');
  await expect(page.getByRole('img', { name: /^Bindery loft: by D05/ })).toBeVisible();
  await page.getByLabel('What Bindery loft is').selectOption('refuge: safe for a time');
  await expect(page.getByRole('img', { name: 'Bindery loft: safe ground' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove Bindery loft' }).click();
  await expect(page.getByRole('img', { name: /^Bindery loft/ })).toHaveCount(0);
  await expect(page.getByText('D05: nobody has said between which rooms')).toBeVisible();
  await saved(page);
});
