import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, verdicts } from './help';
import { DEMO } from './servers';

test('the diagram downloads as SVG and as PDF', async ({ request }) => {
  const svg = await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D09/diagram.svg`);
  expect(await svg.text()).toMatch(/^<svg [\s\S]*W80[\s\S]*<\/svg>$/);
  const pdf = await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D09/diagram.pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  expect((await request.get(`${DEMO.url}/api/sites/quillhaven/doors/D99/diagram.svg`)).status()).toBe(404);
});

test('the wire list filters, groups, sorts, edits in place and changes several at once', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
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
