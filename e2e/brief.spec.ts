import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, ready, saved, verdicts } from './help';

test('a removed door comes back whole with one undo', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'brief', site);
  await page.getByRole('button', { name: 'Remove this door' }).click();
  // It says first what goes with it; the safe answer has the focus.
  const question = page.getByRole('dialog', { name: 'Remove D02 Reading room?' });
  await expect(question).toContainText(/\d+ devices, 18 wires and 33 readings of D02 go with it/);
  await expect(question.getByRole('button', { name: 'Keep it' })).toBeFocused();
  await question.getByRole('button', { name: 'Remove D02' }).click();
  const ledger = page.getByRole('navigation', { name: 'Doors' });
  await expect(ledger.getByText('Reading room')).toHaveCount(0);
  await page
    .getByRole('listitem')
    .filter({ hasText: 'D02 removed with' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await ledger.getByRole('link', { name: /Reading room/ }).click();
  await expect(page.locator('[data-loop="lock-power"]')).toBeVisible();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  await saved(page);
});

test('a door that was removed before a reload is brought back from the log, with what has changed since asked about', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'brief', site);
  await page.getByRole('button', { name: 'Remove this door' }).click();
  await page.getByRole('button', { name: 'Remove D02', exact: true }).click();
  await saved(page);
  await page.reload();
  await ready(page);
  const ledger = page.getByRole('navigation', { name: 'Doors' });
  await expect(ledger.getByText('Reading room')).toHaveCount(0);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await page.getByRole('button', { name: /^Undo Door D02 removed/ }).click();
  await expect(ledger.getByText('Reading room')).toHaveCount(1);
  await saved(page);
  // It is a change like any other, and a line of its own.
  await expect(page.getByRole('button', { name: /^Undo / })).toHaveCount(2);
  await page.getByRole('button', { name: /^Undo Door D02 removed/ }).click();
  await expect(page.getByText(/Nothing was changed\./)).toBeVisible();
  await page.reload();
  await ready(page);
  await ledger.getByRole('link', { name: /Reading room/ }).click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
});
