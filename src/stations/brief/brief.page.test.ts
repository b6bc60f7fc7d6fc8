import { expect, openDoor, ownCopy, saved, test, verdicts } from '../../testing/page';
test('overriding the dead state asks for a reason and keeps it', async ({ page }) => {
  const site = await ownCopy(page, 'D04');
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
  const site = await ownCopy(page, 'D05');
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
