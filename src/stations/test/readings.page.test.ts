import { expect, openDoor, ownCopy, test, verdicts } from '../../testing/page';
test('the diagram shows every wire, zooms by key, and a wire chosen there is chosen everywhere', async ({
  page,
}) => {
  await openDoor(page, 'D02');
  await page.getByRole('tab', { name: 'Diagram' }).click();
  const drawing = page.locator('[data-diagram]');
  await expect(drawing.locator('[data-wire]')).toHaveCount(18);
  const frame = page.getByRole('group', { name: /^Diagram of D02: 8 devices, 18 wires/ });
  const scale = () => drawing.locator('> g').getAttribute('transform');
  const before = await scale();
  await frame.focus();
  await page.keyboard.press('+');
  await expect.poll(scale).not.toBe(before);
  await page.keyboard.press('0');
  await drawing.locator('[data-wire="D02/W02"]').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: 'Wire W02' })).toBeVisible();
  await page.getByRole('tab', { name: 'Loops' }).click();
  await expect(page.getByRole('button', { name: /^W02, red/, pressed: true }).first()).toBeVisible();
});

test('terminal cards say what lands where, and what to cap', async ({ page }) => {
  await openDoor(page, 'D02');
  await page.getByRole('tab', { name: 'Terminals' }).click();
  const card = page.getByRole('article', { name: 'Terminals of R1' });
  await expect(card.getByRole('row', { name: /^D0/ })).toContainText('K1.D0-1');
  await expect(card.getByRole('row', { name: /^LED/ })).toContainText('cap it on its own');
  await expect(
    page.getByRole('article', { name: 'Terminals of K1' }).getByRole('row', { name: /^G1/ }),
  ).toContainText('twin ferrule');
});

test('a cable’s make and screen are changed, and the verdicts follow', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'wire', site);
  await page.getByRole('tab', { name: 'Cables' }).click();
  const cable = page.getByRole('article', { name: 'Cable R1' });
  await cable.getByLabel('Screen').selectOption('both');
  await expect(verdicts(page)).toContainText('The screen of R1 is earthed at both ends');
  await verdicts(page).getByRole('button', { name: 'Earth one end' }).click();
  await cable.getByLabel('Make').selectOption('2x0.5');
  await expect(verdicts(page)).toContainText('Cable R1 has too few cores');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  await expect(page.getByRole('table').filter({ hasText: 'Total' })).toContainText('2 × 1 mm²');
  await page.getByRole('button', { name: 'Labels' }).click();
  await expect(page.getByRole('dialog')).toContainText('36 labels');
});
