import { expect, openDoor, ownCopy, test } from '../../testing/page';
test('a controller is sent its list, read back and compared, and goes on with it while its network is lost', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'program', site);
  await page.getByRole('tab', { name: 'Controller', exact: true }).click();
  const at = page.getByRole('region', { name: 'What K1 holds' });
  await expect(at.getByText('Nothing has been sent to it yet.')).toBeVisible();
  await at.getByRole('button', { name: 'Send the list' }).click();
  await expect(at.getByText(/It holds what it is to hold/)).toBeVisible();
  const ask = at.getByRole('form', { name: 'Ask K1' });
  await ask.getByLabel('Somebody comes').selectOption({ label: 'Mirela Tassin' });
  await ask.getByLabel('Day').fill('2026-11-30');
  await ask.getByLabel('Time').fill('10:00');
  await ask.getByRole('button', { name: 'Ask it' }).click();
  await expect(ask.getByRole('status')).toContainText('It opens. Mirela Tassin.');

  // Somebody leaves; the controller is not reached, and lets them in.
  await at.getByRole('button', { name: 'Cut its network' }).click();
  await expect(at.getByText('Its network is lost: it is not reached')).toBeVisible();
  await page.getByRole('tab', { name: 'People', exact: true }).click();
  await page
    .getByRole('row', { name: /Mirela Tassin/ })
    .getByRole('button', { name: 'Change' })
    .click();
  const card = page.getByRole('dialog').getByRole('group', { name: 'Card 1' });
  await card.getByRole('button', { name: 'Report lost' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Keep', exact: true }).click();
  await page.getByRole('tab', { name: 'Controller', exact: true }).click();
  await at.getByRole('button', { name: 'Send the list' }).click();
  await expect(at.getByText(/The controller is not reached: its network is lost/)).toBeVisible();
  await at.getByRole('button', { name: 'Put its network back' }).click();
  await expect(at.getByText('Mirela Tassin differs in it.')).toBeVisible();
  await at.getByRole('button', { name: 'Send the list' }).click();
  await expect(at.getByText(/It holds what it is to hold/)).toBeVisible();
});
