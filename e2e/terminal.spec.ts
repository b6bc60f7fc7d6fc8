import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { bench, openDoor, ownCopy, ready } from './help';

/** Cells of a table of the leaflet in docs, by what its head begins with. */
const rows = (head: string): string[][] => {
  const text = readFileSync(new URL('../docs/leaflet.md', import.meta.url), 'utf8');
  const from = text.indexOf(head, text.indexOf('## A terminal with a screen'));
  return text
    .slice(from)
    .split('\n\n')[0]!
    .split('\n')
    .slice(2)
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    );
};
const strokesIn = (cell: string): string[] => [...cell.matchAll(/`([^`]+)`/g)].map(([, text]) => text!);

async function put(page: Page, label: string, text: string, nth = 0) {
  const field = page.getByLabel(label, { exact: true }).nth(nth);
  await field.fill(text);
  await field.blur();
}

const keypad = (page: Page) => page.getByRole('region', { name: 'Simulated keypad' });
const screen = (page: Page) => keypad(page).getByRole('group', { name: 'Screen of the simulated terminal' });
async function press(page: Page, keys: string) {
  for (const key of keys.split(' '))
    await keypad(page).getByRole('button', { name: key, exact: true }).click();
}
async function show(page: Page, what: string, who: string) {
  await keypad(page).getByRole('button', { name: what }).click();
  await page.getByRole('menuitem', { name: who }).click();
}

test('a terminal with menus is described from its leaflet, and speaks at once', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`/s/${site}/types`);
  await ready(page);
  await page.getByRole('tab', { name: 'Keypad languages' }).click();
  await page.getByRole('button', { name: 'New language' }).click();
  await put(page, 'Name', 'Terminal, 200 people');
  await put(page, 'Keys, row by row', '1 2 3 up / 4 5 6 down / 7 8 9 ok / back 0 menu');
  await put(page, 'Screen: up, down, choose, back, lines', 'up down ok back 3');
  await put(page, 'Factory code', '');
  await put(page, 'Slots, 001-999', '001-200');
  await put(page, 'Drops out after', '20');
  await put(page, 'A code at the door', '{code} ok');
  const [[, title, opened, ways], [, below]] = rows('| List    |') as [string[], string[]];
  await put(page, 'What the screen calls programming', title!);
  await put(page, 'Enter programming', strokesIn(opened!)[0]!);
  for (const [index, way] of strokesIn(ways!).entries()) {
    await page.getByRole('button', { name: 'Way in for an administrator' }).click();
    await put(page, `Way ${index + 1} for an administrator into programming`, way);
  }
  await page.getByRole('button', { name: 'State', exact: true }).click();
  await put(page, 'What the screen calls state 2', below!);
  // What is not there yet is said at its list.
  await expect(page.getByText('its list would have no line')).toBeVisible();
  const counts = [0, 0];
  for (const [list, what, called, keys] of rows('| List  |') as [string, string, string, string][]) {
    const at = list === 'main' ? 0 : 1;
    const number = (counts[at]! += 1);
    // The first list came with a function.
    if (at === 1 || number > 1)
      await page.getByRole('button', { name: 'Function', exact: true }).nth(at).click();
    const nth = at === 1 && number <= counts[0]! ? 1 : 0;
    await page
      .getByLabel(`What function ${number} does`, { exact: true })
      .nth(nth)
      .selectOption({ label: what });
    await put(page, `What the screen calls function ${number}`, called, nth);
    await put(page, `Keystrokes of function ${number}`, strokesIn(keys)[0]!, nth);
  }
  for (const [index, [keys, answers, held]] of (rows('| Keyed') as [string, string, string][]).entries()) {
    await page.getByRole('button', { name: 'Example', exact: true }).click();
    await put(page, `Keys of example ${index + 1}`, strokesIn(keys)[0]!);
    await page.getByLabel(`Answer of example ${index + 1}`).selectOption({ label: answers });
    await put(page, `What is held after example ${index + 1}`, strokesIn(held)[0]!);
  }
  await expect(page.getByText('all 3 examples come out')).toBeVisible();
  await press(page, 'menu');
  await expect(screen(page)).toContainText('Setup');
  await expect(screen(page).locator('[aria-current]')).toHaveText('Users');
  await press(page, 'down');
  await expect(screen(page).locator('[aria-current]')).toHaveText('Door time');
  await press(page, 'up ok ok 0 0 4 ok down ok');
  await expect(screen(page)).toContainText('Password');
  await press(page, '2 5 8 0 ok ok');
  await expect(screen(page)).toContainText('004, administrator: password');
  await expect(page.getByText('Holds 4: 2580 administrator.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('3 functions, 3 examples')).toBeVisible();
});

test('the menu opens to an administrator alone, and its sheet is keyed in by itself', async ({ page }) => {
  const site = await ownCopy(page, 'D13');
  await openDoor(page, 'D13', 'program', site);
  await expect(screen(page)).toContainText('Ready');
  await press(page, 'MENU');
  await expect(keypad(page).getByText('ready', { exact: true })).toBeVisible();
  await show(page, 'Lay a finger on it', 'A finger of nobody on the list');
  await expect(keypad(page).getByRole('status')).toContainText('refuses');
  await press(page, 'MENU');
  await show(page, 'Lay a finger on it', 'Ines Calloway');
  await expect(screen(page)).toContainText('People');
  await press(page, 'BACK');
  const keys = page.getByRole('region', { name: 'Keys to press at K1' });
  const line = keys.getByRole('listitem').filter({ hasText: 'slot 0002' });
  await expect(line).toContainText('Password••••••OK');
  await expect(line).toContainText('fingerfingerfingerOK');
  await page.getByRole('button', { name: 'Key it into the simulated one' }).click();
  await expect(page.getByText('The simulated keypad holds exactly the list.')).toBeVisible({
    timeout: 30_000,
  });
  // What was stored opens, and does not open the menu.
  await show(page, 'Lay a finger on it', 'Haru Delacroix');
  await expect(keypad(page).getByRole('status')).toContainText('opens');
  await expect(bench(page).getByText('Unlocked', { exact: true })).toBeVisible();
  await press(page, 'MENU');
  await show(page, 'Lay a finger on it', 'Haru Delacroix');
  await expect(keypad(page).getByRole('status')).toContainText('refuses');
});

test.describe('at the door, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('a drop-out in a form: what may be half stored is removed first, and the ledger is written', async ({
    page,
  }) => {
    const site = await ownCopy(page, 'D13');
    await openDoor(page, 'D13', 'program', site);
    await page.getByRole('button', { name: 'At the door, line by line' }).click();
    const sheet = page.getByRole('region', { name: 'Key sheet for K1' });
    const heading = sheet.getByRole('heading', { level: 2 });
    const so = sheet.getByRole('button', { name: 'It answered so' });
    await expect(heading).toHaveText('Open the menu as an administrator');
    await so.click();
    await expect(heading).toHaveText('Choose “New person”');
    await so.click();
    await expect(sheet.getByRole('group', { name: 'What its screen shows then' })).toContainText(
      '0002: password, finger',
    );
    await sheet.getByRole('button', { name: 'It dropped out' }).click();
    await expect(sheet.getByText(/First press BACK until it shows/)).toBeVisible();
    const seen: string[] = [];
    while (!(await sheet.getByRole('heading', { name: 'K1 is keyed in' }).isVisible())) {
      seen.push((await heading.textContent())!);
      await so.click();
    }
    expect(seen).toEqual([
      'Open the menu as an administrator',
      'Choose “Remove person”',
      'Remove the person',
      'Choose “New person”',
      'Store a person',
      'Go back to the door',
      'Try it at the door',
      'Try it at the door',
    ]);
    await sheet.getByRole('button', { name: 'Record what K1 holds' }).click();
    await page.reload();
    await expect(page.getByRole('row', { name: /^0002/ })).toContainText('as listed');
  });
});
