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
  await expect(at.getByText('Free to open')).toBeVisible();
  for (let n = 0; n < 5 && !(await at.getByText('Held shut').isVisible()); n += 1)
    await at.getByRole('button', { name: 'Skip to the next event' }).click();
  await expect(at.getByText('Held shut')).toBeVisible();
  await at.getByRole('button', { name: 'Break glass', exact: true }).click();
  await expect(at.getByText('Free by break glass EB1, until EB1 is reset')).toBeVisible();
  await at.getByRole('button', { name: 'Fire', exact: true }).click();
  await expect(at.getByText(/^Free by break glass EB1 and the fire alarm together/)).toBeVisible();
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
