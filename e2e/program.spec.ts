import { expect, test } from '@playwright/test';
import { bench, openDoor, ownCopy, saved } from './help';

test('the list is keyed into the simulated keypad, which then opens and is recorded', async ({ page }) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'program', site);
  const ledger = page.getByRole('row', { name: /^003/ });
  await expect(ledger).toContainText('not in the keypad');
  await page.getByRole('button', { name: 'Key it into the simulated one' }).click();
  await expect(page.getByText('The simulated keypad holds exactly the list.')).toBeVisible({
    timeout: 15_000,
  });
  await expect(ledger).toContainText('as listed');
  // The new code opens at the keypad and on the bench.
  const keypad = page.getByRole('region', { name: 'Simulated keypad' });
  for (const key of '516782#') await keypad.getByRole('button', { name: key, exact: true }).click();
  await expect(keypad.getByRole('status')).toContainText('opens: 1 long beep, green');
  await expect(bench(page).getByText('Unlocked', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Record that K1/ }).click();
  await page.reload();
  await expect(page.getByRole('row', { name: /^003/ })).toContainText('as listed');
});

test('too slow, and the keypad drops out of programming', async ({ page }) => {
  await page.clock.install();
  await openDoor(page, 'D05', 'program');
  const keypad = page.getByRole('region', { name: 'Simulated keypad' });
  for (const key of '*0731946#1004') await keypad.getByRole('button', { name: key, exact: true }).click();
  await expect(keypad.getByText('programming', { exact: true })).toBeVisible();
  await page.clock.fastForward(13_000);
  await expect(keypad.getByRole('status')).toContainText('timed out: unfinished work is lost');
  await expect(keypad.getByText('ready', { exact: true })).toBeVisible();
});

test('codes are hidden until somebody asks, and each showing stands in the log', async ({ page }) => {
  const site = await ownCopy(page, 'D05');
  await openDoor(page, 'D05', 'program', site);
  const keys = page.getByRole('region', { name: 'Keys to press at K1' });
  const line = keys.getByRole('listitem').filter({ hasText: 'slot 003' });
  await expect(line).toContainText('1003#••••••#');
  await keys.getByRole('button', { name: 'Show codes' }).click();
  await expect(line).toContainText('1003#516782#');
  await saved(page);
  await page.goto(`/s/${site}/people`);
  await page.waitForSelector('html[data-alive]');
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('••••••');
  await page.getByRole('button', { name: 'Ines Calloway', exact: true }).click();
  const person = page.getByRole('dialog');
  await expect(person.getByLabel('Code', { exact: true })).toHaveAttribute('type', 'password');
  await person.getByRole('button', { name: 'Show the code' }).click();
  await expect(person.getByLabel('Code', { exact: true })).toHaveAttribute('type', 'text');
  await page.keyboard.press('Escape');
  await saved(page);
  await page.goto(`/s/${site}/log`);
  await page.waitForSelector('html[data-alive]');
  await expect(
    page.getByText('codes of the key sheet of D05 K1 shown', { exact: false }).first(),
  ).toBeVisible();
  await expect(page.getByText('code of Ines Calloway shown', { exact: false }).first()).toBeVisible();
});

test.describe('at the door, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('a drop-out in the middle of a key sheet: it goes on from what is stored, and the ledger is written', async ({
    page,
  }) => {
    const site = await ownCopy(page, 'D05');
    await openDoor(page, 'D05', 'program', site);
    await page.getByRole('button', { name: 'At the door, line by line' }).click();
    const sheet = page.getByRole('region', { name: 'Key sheet for K1' });
    const so = sheet.getByRole('button', { name: 'It answered so' });
    await expect(sheet.getByRole('heading', { name: 'Enter programming' })).toBeVisible();
    await so.click();
    await expect(sheet.getByRole('heading', { name: 'Store a code' })).toBeVisible();
    await expect(sheet.getByText(/Do not wait: after 12 s of silence it drops out/)).toBeVisible();
    await sheet.getByRole('button', { name: 'It dropped out' }).click();
    // Into programming again, and the same line once more.
    await expect(sheet.getByRole('heading', { name: 'Enter programming' })).toBeVisible();
    await expect(sheet.getByText(/It goes on from what is stored/)).toBeVisible();
    await so.click();
    await so.click();
    await expect(sheet.getByRole('heading', { name: 'Leave programming' })).toBeVisible();
    await so.click();
    // Whoever is new is tried: it does not open, so the code is keyed anew.
    await expect(sheet.getByRole('heading', { name: 'Try it at the door' })).toBeVisible();
    await sheet.getByRole('button', { name: 'Answered otherwise' }).click();
    await sheet.getByRole('button', { name: 'It did not open' }).click();
    await expect(sheet.getByRole('heading', { name: 'Enter programming' })).toBeVisible();
    for (let line = 0; line < 4; line += 1) await so.click();
    await expect(sheet.getByRole('heading', { name: 'K1 is keyed in' })).toBeVisible();
    await sheet.getByRole('button', { name: 'Record what K1 holds' }).click();
    await expect(page.getByRole('row', { name: /^003/ })).toContainText('as listed');
    await page.reload();
    await expect(page.getByRole('row', { name: /^003/ })).toContainText('as listed');
  });
});
