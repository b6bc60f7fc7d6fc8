import { expect, openDoor, ownCopy, saved, test, verdicts, type Page } from '../../testing/page';
const card = (page: Page) => page.locator('[data-cause]');

test('one card tells the cause, draws its repair, makes it with one button and takes it back with one undo', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D06');
  await openDoor(page, 'D06', 'prove', site);
  await expect(card(page)).toHaveCount(1);
  await expect(card(page)).toContainText('W02 is on K1.NC. It belongs on NO.');
  await expect(card(page)).toContainText('all 28 cells of the proof pass, no new problems');
  // What comes of it is on the card, folded, and not beside it.
  await card(page).getByText('3 findings come of it').click();
  await expect(card(page).getByText('K1 is on NC: the lock works inverted')).toBeVisible();
  await expect(verdicts(page).locator('[data-finding="wrong-throw"]')).toHaveCount(0);
  await expect(verdicts(page).getByText('1 cause, 3 to fix')).toBeVisible();

  await card(page).getByRole('button', { name: 'Show on the loop' }).click();
  await expect(page).toHaveURL(/D06\/wire$/);
  const proposal = page.getByRole('region', { name: 'Proposal' });
  await expect(proposal.getByRole('group', { name: 'As it lies: loop A, lock power' })).toBeVisible();
  await expect(proposal.getByRole('group', { name: 'As it would lie: loop A, lock power' })).toBeVisible();
  await proposal.getByRole('button', { name: 'Move W02 to NO' }).click();
  await expect(proposal).toHaveCount(0);
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  await expect(card(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card(page)).toContainText('W02 is on K1.NC');
  await saved(page);
});

test('a wire taken out is missed by its two ends; the next change drops what was found', async ({ page }) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'wire', site);
  await page
    .getByRole('button', { name: /^W02, .* K1\.NO to / })
    .first()
    .click();
  await page.getByRole('group', { name: 'Wire W02' }).getByRole('button', { name: 'Remove' }).click();
  await expect(card(page)).toContainText('A wire is missing from K1.NO to');
  // Not a way to invert the door, which is what a rule would have proposed.
  await expect(verdicts(page).getByRole('button', { name: /NC/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card(page)).toHaveCount(0);
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
});

test('two mistakes of which one hides the other are told together', async ({ page }) => {
  const site = await ownCopy(page, 'D07');
  await openDoor(page, 'D07', 'wire', site);
  await expect(card(page)).toContainText('2 things together');
  await expect(card(page)).toContainText('A wire is missing from F1.NC to K1.COM1.');
  await expect(card(page)).toContainText('L1 gets too little voltage.');
  await card(page).getByRole('button', { name: 'Fix both' }).click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
});

test('where no small change is found that is said, and what is known stands as before', async ({ page }) => {
  const site = await ownCopy(page, 'D05');
  // No way out without power: no wire puts that right.
  await openDoor(page, 'D05', 'brief', site);
  await page
    .getByRole('group', { name: /lever or bar/ })
    .getByText('No', { exact: true })
    .click();
  await expect(verdicts(page).getByText('This door can trap people')).toBeVisible();
  await expect(verdicts(page).getByText(/small change was found that fixes it/)).toBeVisible();
  await expect(verdicts(page).getByText('This door can trap people')).toBeVisible();
});
