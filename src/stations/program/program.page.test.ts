import { expect, openDoor, ownCopy, test, verdicts } from '../../testing/page';
test('a code the keypad would refuse is refused when it is given', async ({ page }) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'program', site);
  await page.getByRole('tab', { name: 'People', exact: true }).click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Haru');
  await dialog.getByLabel('Code').fill('516782');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog.getByText('Another slot has this code.')).toBeVisible();
  await dialog.getByLabel('Code').fill('12');
  await expect(dialog.getByText('The code is too short.')).toBeVisible();
  await dialog.getByLabel('Code').fill('661203');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole('tab', { name: 'Key sheet', exact: true }).click();
  await expect(page.getByRole('row', { name: /^004/ })).toContainText('Haru');
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
});

test('what was found in a keypad is entered line by line, and a code that is nobody’s is said', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'program', site);
  await page.getByRole('button', { name: 'Enter as found' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('As found').fill('007 271828\n8 12');
  await expect(dialog.getByText('the keypad takes no code of that length')).toBeVisible();
  await dialog.getByRole('button', { name: 'Record one line' }).click();
  await expect(page.getByRole('row', { name: /^007/ })).toContainText('not on the list');
  await expect(verdicts(page).getByText('K1 opens for a code or card that belongs to nobody')).toBeVisible();
  // The keys that clear it are written at once.
  await expect(page.getByText('Clear the slot')).toBeVisible();
  await expect(page.getByRole('row', { name: /^007/ })).toContainText('found');
});

test('a keypad that only in part was looked at: what nobody knows is said, until somebody has looked', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D05', 'D06');
  await openDoor(page, 'D06', 'program', site);
  await expect(page.getByText('Nobody has recorded what K1 holds')).toBeVisible();
  await page.getByRole('button', { name: 'Enter as found' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('As found').fill('2 516782\n9 ?');
  await expect(dialog.getByLabel('Every slot was looked at')).not.toBeChecked();
  await dialog.getByRole('button', { name: 'Record 2 lines' }).click();
  await expect(verdicts(page).getByText('What K1 holds')).toBeVisible();
  await expect(page.getByRole('row', { name: /^009/ })).toContainText('not known');
  await expect(page.getByText('a code of a stranger may open').first()).toBeVisible();
  await expect(page.getByText('Look at its other slots, or reset it as its leaflet says.')).toBeVisible();
  // The slot that is in use by nobody knows what is cleared before anything else is believed of it.
  const keys = page.getByRole('region', { name: 'Keys to press at K1' });
  await expect(keys.getByRole('listitem').filter({ hasText: 'slot 009' })).toContainText('Clear the slot');
  await page.getByRole('button', { name: 'Enter as found' }).click();
  await dialog.getByLabel('As found').fill('9 -');
  await dialog.getByLabel('Every slot was looked at').check();
  await dialog.getByRole('button', { name: 'Record one line' }).click();
  await expect(verdicts(page).getByText('What K1 holds')).toHaveCount(0);
  await expect(page.getByRole('row', { name: /^009/ })).toHaveCount(0);
});
