import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { bench, ready, saved, verdicts } from './help';
import { EMPTY } from './servers';

test('from an empty site to the printed pack of a magnet door', async ({ page }) => {
  await page.goto(EMPTY.url);
  await ready(page);
  // One obvious step.
  await page.getByRole('button', { name: 'Plan the first door' }).click();

  // Brief.
  await page.getByLabel('Name of the door').fill('Reading room');
  await page.getByLabel('Name of the door').press('Enter');
  const yes = (question: RegExp, answer: 'Yes' | 'No') =>
    page.getByRole('group', { name: question }).getByText(answer, { exact: true }).click();
  await page.getByRole('group', { name: 'What does it protect?' }).getByText('Ordinary').click();
  await yes(/escape route/, 'Yes');
  await yes(/lever or bar/, 'No');
  await yes(/fire service/, 'Yes');
  await yes(/fire door/, 'No');
  const advice = page.getByRole('region', { name: 'Fail-safe or fail-secure' });
  await expect(advice.getByText('This must not be built.')).toBeVisible();
  await advice.getByRole('button', { name: 'Choose fail-safe' }).click();
  await advice.getByRole('button', { name: 'Choose hardware' }).click();

  // Wire.
  await page.getByRole('button', { name: /Magnet, controller, separate supply/ }).click();
  await page.getByRole('region', { name: 'Sheet' }).getByRole('button', { name: 'Wire it' }).click();
  await page.getByRole('button', { name: 'Add the wires' }).click();
  await expect(page.locator('[data-loop="lock-power"]')).toBeVisible();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();

  // Bench: the magnet drops on exit and holds again after the set time.
  const words = bench(page);
  await expect(words.getByText('Locked', { exact: true })).toBeVisible();
  const before = Date.now();
  await words.getByRole('button', { name: 'Exit', exact: true }).click();
  await expect(words.getByText('Unlocked', { exact: true })).toBeVisible();
  await expect(words.getByText('0 V · 0 A')).toBeVisible();
  await expect(words.getByText('Locked', { exact: true })).toBeVisible({ timeout: 8000 });
  const took = Date.now() - before;
  expect(took).toBeGreaterThan(4500);
  expect(took).toBeLessThan(6500);

  // Power, with its working.
  await page.getByRole('link', { name: /^Power/ }).click();
  await page.getByText('Show the working').click();
  await expect(page.getByText(/Battery: 7 Ah × 0.8/)).toBeVisible();

  // Prove.
  await page.getByRole('link', { name: /^Prove/ }).click();
  await expect(page.getByText('0 fail · 0 not proven')).toBeVisible();
  await page
    .getByRole('row', { name: /Everything dead/ })
    .getByRole('button')
    .nth(1)
    .click();
  await expect(page.getByText('Everything dead, from inside: pass')).toBeVisible();

  // Program: somebody with a card.
  await page.getByRole('link', { name: /^Program/ }).click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Ines Calloway');
  await dialog.getByRole('button', { name: 'Give a card' }).click();
  await dialog.getByRole('group', { name: 'Card 1' }).getByLabel('Facility').fill('71');
  await dialog.getByRole('group', { name: 'Card 1' }).getByLabel('Number').fill('2001');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('rowheader', { name: 'Ines Calloway' })).toBeVisible();

  // Timing.
  await page.getByRole('link', { name: /^Timing/ }).click();
  await page.getByLabel('Unlock time', { exact: true }).fill('7');
  await page.getByLabel('Unlock time', { exact: true }).press('Enter');
  await expect(page.getByText('unlocked 7.0 s').first()).toBeVisible();

  // Test: two readings, one of them out of range.
  await page.getByRole('link', { name: /^Test/ }).click();
  await page.getByLabel('Tested by').fill('T. Yeo');
  await page.getByLabel('Tested by').blur();
  const rest = page.locator('[data-check$=":rest"]').first();
  await rest.getByRole('textbox').fill('13.2');
  await rest.getByRole('textbox').press('Enter');
  await expect(rest.getByText('pass', { exact: true })).toBeVisible();
  const relock = page.locator('[data-check="relock"]');
  await expect(relock.getByText('6.3–7.7 s')).toBeVisible();
  await relock.getByRole('textbox').fill('12');
  await relock.getByRole('textbox').press('Enter');
  await expect(relock.getByText('out of range')).toBeVisible();
  await expect(relock.getByText(/T\. Yeo/)).toBeVisible();
  await saved(page);

  // Hand over: the pack.
  await page.getByRole('link', { name: /^Hand over/ }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Pack as PDF' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/-D01-pack\.pdf$/);
  const pdf = readFileSync(await download.path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.length).toBeGreaterThan(20_000);

  // Everything is still there after a reload.
  await page.reload();
  await ready(page);
  await expect(page.getByRole('heading', { name: /D01 Reading room/ })).toBeVisible();
});
