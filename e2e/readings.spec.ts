import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, verdicts } from './help';
import { DEMO } from './servers';

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

test('the diagram downloads as SVG and as PDF', async ({ request }) => {
  const svg = await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D09/diagram.svg`);
  expect(await svg.text()).toMatch(/^<svg [\s\S]*W80[\s\S]*<\/svg>$/);
  const pdf = await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D09/diagram.pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  expect((await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D99/diagram.svg`)).status()).toBe(404);
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
  const site = await ownCopy(page);
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

test('the wire list filters, groups, sorts, edits in place and changes several at once', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'wire', site);
  await page.getByRole('tab', { name: 'Wire list' }).click();
  const rows = page.locator('tr[data-wire]');
  await expect(rows).toHaveCount(18);
  await page.getByLabel('Filter').fill('EB1');
  await expect(page.getByText(/of 18 wires/)).toBeVisible();
  await page.getByLabel('Filter').fill('');
  await page.getByLabel('Group', { exact: true }).selectOption('cable');
  await expect(page.getByRole('rowheader', { name: /^EB1–L1/ })).toBeVisible();
  await page.getByLabel('Group', { exact: true }).selectOption('none');
  await page.getByRole('button', { name: 'Length' }).click();
  await expect(page.getByRole('columnheader', { name: /Length/ })).toHaveAttribute('aria-sort', 'descending');
  await page.getByLabel('Length of W03, m').fill('60');
  await page.getByLabel('Length of W03, m').press('Enter');
  await expect(page.getByLabel('Length of W03, m')).toHaveValue('60');
  await page.getByLabel('Colour of W15').selectOption('VT');
  for (const wire of ['W17', 'W18']) await page.getByLabel(`Choose ${wire}`).check();
  await page.getByRole('button', { name: 'Remove 2' }).click();
  await expect(rows).toHaveCount(16);
  await expect(
    verdicts(page)
      .getByText(/nothing arrives|not arrive|reach/i)
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows).toHaveCount(18);
});
