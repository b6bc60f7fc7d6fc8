import { api, elsewhere, expect, openDoor, ownCopy, saved, test, verdicts } from '../../testing/page';
test('a door without a wire is to be wired: one finding, one button, one undo', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  const file = await (await page.request.get(api(site, '/export.json'))).json();
  const wires = (file as { wires: { id: string; door: string }[] }).wires.filter(
    ({ door }) => door === 'D02',
  );
  expect(wires.length).toBeGreaterThan(10);
  await elsewhere(page, site, {
    kind: 'batch',
    label: 'take the wires out',
    edits: wires.map(({ id }) => ({ kind: 'disconnect', id })),
  });
  await openDoor(page, 'D02', 'wire', site);
  const margin = verdicts(page);
  await expect(margin.getByText('This door is not wired yet').first()).toBeVisible();
  // Never a wire past everything: nothing else is offered to be laid.
  await expect(margin.getByRole('button', { name: /Add the missing wire|Add the link/ })).toHaveCount(0);
  await margin.getByRole('button', { name: 'Wire this door' }).first().click();
  await expect(margin.getByText('Nothing to fix')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(margin.getByText('This door is not wired yet').first()).toBeVisible();
  await saved(page);
});

test('a wire off a loop is laid anew between the terminals it was on', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'wire', site);
  await page
    .getByRole('button', { name: /^W03, / })
    .first()
    .click();
  await page.getByRole('group', { name: 'Wire W03' }).getByRole('button', { name: 'Remove' }).click();
  await expect(verdicts(page).locator('[data-cause]')).toContainText(
    'A wire is missing from K1.NC1 to EB1.1C',
  );
  await verdicts(page).getByRole('button', { name: 'Add it' }).click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
});
