import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { bench, elsewhere, openDoor, ownCopy, ready } from './help';

/** Rows of a table of the leaflet in docs: what stands between its bars, without the marks of code. */
const rows = (after: string): string[][] => {
  const text = readFileSync(new URL('../docs/leaflet.md', import.meta.url), 'utf8');
  return text
    .slice(text.indexOf(after))
    .split('\n\n')[0]!
    .split('\n')
    .slice(2)
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim().replaceAll('`', '')),
    );
};

/** Types a text into a field and leaves it. */
async function put(page: Page, label: string, text: string) {
  await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByLabel(label, { exact: true }).blur();
}

test('a keypad is described from its leaflet, tried by its examples, and programmed in its own language', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D05');
  await page.goto(`/s/${site}/types`);
  await ready(page);
  await page.getByRole('tab', { name: 'Keypad languages' }).click();
  await page.getByRole('button', { name: 'New language' }).click();
  await put(page, 'Name', 'Twelve keys, 60 users');
  await put(page, 'Factory code', '4321');
  await put(page, 'Slots, 001-999', '01-60');
  await put(page, 'It holds', '60');
  await put(page, 'Drops out after', '15');
  await put(page, 'Wrong codes until it locks', '3');
  await put(page, 'Locks for', '60');
  const functions = rows('| Function');
  expect(functions).toHaveLength(8);
  let count = 0;
  for (const [what, strokes] of functions as [string, string][]) {
    if (what === 'a code at the door') await put(page, 'A code at the door', strokes);
    else if (what === 'enter programming') await put(page, 'Enter programming', strokes);
    else if (what === 'leave programming') await put(page, 'Leave programming', strokes);
    else {
      count += 1;
      if (count > 1) await page.getByRole('button', { name: 'Function', exact: true }).click();
      await page
        .getByLabel(`What function ${count} does`)
        .selectOption({ label: what.replace(' (unlock)', '') });
      await put(page, `Keystrokes of function ${count}`, strokes);
    }
  }
  // A slip is said at its field, and nothing can be kept meanwhile.
  await put(page, 'Keystrokes of function 3', '7 {slott} *');
  await expect(page.getByText('there is no such field')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep' })).toBeDisabled();
  // A field is completed by Tab behind its brace.
  await page.getByLabel('Keystrokes of function 3', { exact: true }).fill('7 {sl');
  await page.getByLabel('Keystrokes of function 3', { exact: true }).press('Tab');
  await page.keyboard.type('*');
  await expect(page.getByLabel('Keystrokes of function 3', { exact: true })).toHaveValue('7 {slot} *');
  const examples = rows('| Example');
  for (const [index, [keys, answers, held]] of (examples as [string, string, string][]).entries()) {
    await page.getByRole('button', { name: 'Example', exact: true }).click();
    await put(page, `Keys of example ${index + 1}`, keys);
    await page.getByLabel(`Answer of example ${index + 1}`).selectOption({ label: answers });
    await put(page, `What is held after example ${index + 1}`, held);
  }
  await expect(page.getByText('all 3 examples come out')).toBeVisible();
  // One that is wrong is shown with what is held instead.
  await put(page, 'What is held after example 1', '7: 1111');
  await expect(page.getByText(/Example 1 comes out differently: stored; held is 7: 2580/)).toBeVisible();
  await put(page, 'What is held after example 1', '7: 2580');
  // The keypad beside speaks the language already.
  const keypad = page.getByRole('region', { name: 'Simulated keypad' });
  for (const key of '#*4321#4321#507*2580*2580*')
    await keypad.getByRole('button', { name: key, exact: true }).click();
  await expect(page.getByText('Holds 7: 2580.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(
    page.getByText('6 functions, 3 examples').or(page.getByText('5 functions, 3 examples')),
  ).toBeVisible();

  // A type of the site names it, and a door has one.
  await page.getByRole('tab', { name: 'Devices' }).click();
  await page.getByLabel('Duplicate from the library').selectOption('keypad-slots');
  await page.getByLabel('Language at its keys').selectOption({ label: 'Twelve keys, 60 users' });
  await page.getByRole('button', { name: /^Save/ }).click();
  await expect(page.getByText('not in use')).toBeVisible();
  await elsewhere(page, site, {
    kind: 'setDevice',
    id: 'D05/K1',
    patch: { type: 'keypad-slots-own@1' },
  });
  await elsewhere(page, site, { kind: 'setMemory', device: 'D05/K1', memory: null });
  await openDoor(page, 'D05', 'program', site);
  await expect(page.getByText('Twelve keys, 60 users.')).toBeVisible();
  await page.getByRole('button', { name: 'Key it into the simulated one' }).click();
  await expect(page.getByText('The simulated keypad holds exactly the list.')).toBeVisible({
    timeout: 30_000,
  });
  const there = page.getByRole('region', { name: 'Simulated keypad' });
  for (const key of '480216#') await there.getByRole('button', { name: key, exact: true }).click();
  await expect(there.getByRole('status')).toContainText('opens: 1 long beep, green');
  await expect(bench(page).getByText('Unlocked', { exact: true })).toBeVisible();

  // Changed while it is in use it is kept beside itself, and the keypad goes over to it when somebody says so.
  await page.goto(`/s/${site}/types`);
  await ready(page);
  await page.getByRole('tab', { name: 'Keypad languages' }).click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await put(page, 'Drops out after', '40');
  await page.getByRole('button', { name: 'Keep as the next version' }).click();
  await expect(page.getByText('version 2', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Use version 2' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('listitem')).toContainText(['Silence until it drops out, ms1500040000']);
  await dialog.getByRole('button', { name: 'Use version 2' }).click();
  await expect(page.getByText(/in use: .*version 2, D05 K1/)).toBeVisible();
  await openDoor(page, 'D05', 'program', site);
  await expect(page.getByText(/More than 40 s between keys/)).toBeVisible();
});
