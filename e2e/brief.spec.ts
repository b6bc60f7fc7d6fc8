import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, ready, saved, verdicts } from './help';

test('overriding the dead state asks for a reason and keeps it', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D04', 'brief', site);
  const advice = page.getByRole('region', { name: 'Fail-safe or fail-secure' });
  await advice.getByRole('button', { name: 'Choose it anyway…' }).click();
  const keep = advice.getByRole('button', { name: /keep the reason/ });
  await expect(keep).toBeDisabled();
  await advice.getByLabel('Why against the recommendation?').fill('The insurer asks for it');
  await keep.click();
  await expect(advice.getByText('Reason kept: The insurer asks for it')).toBeVisible();
  await expect(verdicts(page)).toContainText('L1 is fail-secure; this door should be fail-safe');
  // Setting the lock alone would invert the door: its relay is wired for the other state. That is no remedy to offer.
  await expect(verdicts(page).getByRole('button', { name: 'Set L1' })).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(advice.getByText('Reason kept: The insurer asks for it')).toBeVisible();
});

test('fail-secure without a lever on an escape route is a stop', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D05', 'brief', site);
  await page
    .getByRole('group', { name: /lever or bar/ })
    .getByText('No', { exact: true })
    .click();
  await expect(verdicts(page).getByText('This door can trap people')).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Fail-safe or fail-secure' }).getByText('This must not be built.'),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(verdicts(page).getByText('This door can trap people')).toBeHidden();
});

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
