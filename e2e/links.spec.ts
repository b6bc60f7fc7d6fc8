import { expect, test } from '@playwright/test';
import { bench, openDoor, ownCopy, ready, saved } from './help';
import { DEMO } from './servers';

test('a link leads to a wire, a situation and a check, and a reload shows the view that was left', async ({
  page,
}) => {
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D02/wire#wire=${encodeURIComponent('D02/W03')}`);
  await ready(page);
  const wire = page.getByRole('group', { name: 'Wire W03' });
  await expect(wire).toBeVisible();
  expect(await wire.getByRole('link', { name: 'Link' }).getAttribute('href')).toBe('#wire=D02%2FW03');
  await page.getByRole('tab', { name: 'Wire list' }).click();
  await page.reload();
  await ready(page);
  await expect(page.getByRole('tab', { name: 'Wire list' })).toHaveAttribute('aria-selected', 'true');
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D02/prove#situation=fire`);
  await ready(page);
  await expect(page.locator('[data-at="situation:fire"]')).toBeFocused();
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D02/test#check=card`);
  await ready(page);
  await expect(page.locator('[data-check="card"]')).toBeFocused();
});

test('the bench says why a door is free and until when, stops its time, and keeps a journal', async ({
  page,
}) => {
  await openDoor(page, 'D02');
  const at = bench(page);
  await at.getByRole('button', { name: 'Stop time' }).click();
  await at.getByRole('button', { name: 'Exit', exact: true }).click();
  await expect(at.getByText(/^Locks again at 0:0\d/)).toBeVisible();
  // Time stands still: it does not lock again by itself, and a single step goes to the next thing that happens.
  await page.waitForTimeout(1200);
  await expect(at.getByText('Unlocked', { exact: true })).toBeVisible();
  for (let n = 0; n < 5 && !(await at.getByText('Locked', { exact: true }).isVisible()); n += 1)
    await at.getByRole('button', { name: 'Skip to the next event' }).click();
  await expect(at.getByText('Locked', { exact: true })).toBeVisible();
  await at.getByRole('button', { name: 'Break glass', exact: true }).click();
  await expect(at.getByText('Unlocked by break glass EB1, until EB1 is reset')).toBeVisible();
  await at.getByRole('button', { name: 'Fire', exact: true }).click();
  await expect(at.getByText(/^Unlocked by break glass EB1 and the fire alarm together/)).toBeVisible();
  await at.getByRole('button', { name: /^Speed/ }).click();
  await expect(at.getByRole('button', { name: 'Speed: 4 times' })).toBeVisible();
  await at.getByRole('button', { name: 'Journal of the bench' }).click();
  const lines = page.getByRole('list', { name: 'Journal' }).getByRole('listitem');
  await expect(lines.first()).toContainText(/^0:00\.\d Exit/);
  await expect(lines.last()).toContainText('Fire');
});

test('a site has a company, a job number and a region, and everything to order in one list', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/pack`);
  await ready(page);
  await page.getByLabel('Company').fill('Bright Doors');
  await page.getByLabel('Job number').fill('4711');
  await page.keyboard.press('Enter');
  await page.getByLabel('Region').selectOption('north-america');
  await saved(page);
  await page.reload();
  await ready(page);
  await expect(page.getByLabel('Company')).toHaveValue('Bright Doors');
  await expect(page.getByLabel('Region')).toHaveValue('north-america');
  const order = await page.request.get(`${DEMO.url}/api/sites/${site}/order.csv?decimal=comma`);
  const text = await order.text();
  expect(text.split('\r\n')[0]).toBe('\uFEFFkind;what;quantity;unit;for doors');
  expect(text).toContain('D02');
});

test('a link leads to one reading, and two revisions of the site are compared', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/doors/D02/test`);
  await ready(page);
  await page
    .getByRole('button', { name: /^Readings of/ })
    .first()
    .click();
  const reading = page.getByRole('dialog').getByRole('listitem').first();
  const href = await reading.getByRole('link', { name: 'Link' }).getAttribute('href');
  expect(href).toMatch(/^#reading=/);
  await page.goto(`${DEMO.url}/s/${site}/doors/D02/test`);
  await page.goto(`${DEMO.url}/s/${site}/doors/D02/test${href}`);
  await page.reload();
  await ready(page);
  await expect(page.getByRole('dialog').locator('[data-pointed]')).toBeFocused();
  await page.goto(`${DEMO.url}/s/${site}/doors/D05/brief`);
  await ready(page);
  await page.getByLabel('Notes').fill('Spare key with the porter');
  await page.getByLabel('Notes').press('Enter');
  await page.getByLabel('Notes').blur();
  await saved(page);
  await page.goto(`${DEMO.url}/s/${site}/log`);
  await ready(page);
  await page.getByRole('button', { name: 'Compare revision 1 with now' }).click();
  const compared = page.getByRole('region', { name: 'Differences' });
  await expect(compared).toContainText('Notes: nothing → Spare key with the porter');
  await page.getByRole('combobox', { name: 'Against' }).selectOption('1');
  await expect(page.getByRole('heading', { name: 'No difference' })).toBeVisible();
});

test('while a wire is typed it says what is understood, and that there is more to choose from', async ({
  page,
}) => {
  await openDoor(page, 'D02');
  await page.keyboard.press('w');
  const line = page.getByRole('combobox', { name: /^New wire/ });
  await line.fill('K1.');
  await expect(page.getByRole('listbox')).toContainText(/and \d+ more: type on/);
  await line.fill('PS1.+V to K1.COM1 red 18 AWG');
  const read = page.locator(`[id="${await line.getAttribute('aria-describedby')}"]`);
  await expect(read).toHaveText(/PS1\.\+V\s*to K1\.COM1\s*red\s*18 AWG\s*~2 m assumed/);
  await line.fill('PS1.+V K1.COM1 purpel 3m');
  await expect(read).toContainText('Cannot read “purpel”');
});

test('on the bench two people stand at the door: who comes behind goes through as well', async ({ page }) => {
  await openDoor(page, 'D02');
  const at = bench(page);
  await at.getByRole('button', { name: 'Card', exact: true }).click();
  await at.getByRole('button', { name: 'Enter', exact: true }).click();
  await expect(at.getByText('People: 2 inside, nobody outside')).toBeVisible();
  await expect(at.getByRole('button', { name: 'Enter behind' })).toBeDisabled();
  await at.getByRole('button', { name: 'Leave behind' }).click();
  await at.getByRole('button', { name: 'Leave behind' }).click();
  await expect(at.getByText('People: nobody inside, 2 outside')).toBeVisible();
  await at.getByRole('button', { name: 'Back to rest' }).click();
  await expect(at.getByRole('button', { name: 'Leave', exact: true })).toBeEnabled();
});
