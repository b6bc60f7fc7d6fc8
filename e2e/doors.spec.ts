import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, ready, saved, verdicts } from './help';
import { DEMO } from './servers';

test('ten doors like another are made from one table, judged, and taken back with one undo', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/doors`);
  await ready(page);
  await page.getByRole('button', { name: 'More for D02' }).click();
  await page.getByRole('menuitem', { name: 'Ten more like it…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Doors like D02' });
  await expect(dialog.getByLabel('Name of D15')).toBeFocused();
  await page.keyboard.type('Cell one');
  await dialog.getByLabel('Cable run of D15, m').fill('22');
  await dialog.getByLabel('Cable run of D16, m').fill('60 ft');
  await dialog.getByLabel('Cable run of D17, m').fill('long');
  await expect(dialog.getByRole('alert')).toHaveText('Not a figure. Write 14 m or 46 ft.');
  await expect(dialog.getByRole('button', { name: 'Add 10 doors' })).toBeDisabled();
  await dialog.getByLabel('Cable run of D17, m').fill('');
  await dialog.getByLabel('Number of new door 4').fill('D02');
  await expect(dialog.getByRole('alert')).toHaveText('There is a door D02 already.');
  await dialog.getByLabel('Number of new door 4').fill('E1');
  await dialog.getByLabel('Whoever opens D02 opens these too').check();
  await dialog.getByRole('button', { name: 'Add 10 doors' }).click();
  const ledger = page.getByRole('navigation', { name: 'Doors' });
  await expect(ledger.getByRole('listitem')).toHaveCount(24);
  await saved(page);
  await page.getByRole('row').filter({ hasText: 'D15' }).getByRole('link', { name: 'D15' }).click();
  await expect(page.locator('[data-loop="lock-power"]')).toContainText('25 m');
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  // A run that nobody entered is the original's, and is said to be assumed: on the drawing, in the verdict, in the table.
  await ledger.getByRole('link', { name: /D17/ }).click();
  await expect(page.locator('[data-loop="lock-power"]')).toContainText('~');
  await expect(verdicts(page)).toContainText('lengths are assumed');
  await page.getByRole('button', { name: /assumed…/ }).click();
  await page.getByLabel('Cable run from the enclosure to the door').fill('30');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing at this door is assumed any more.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(verdicts(page)).not.toContainText('are assumed');
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(ledger.getByRole('listitem')).toHaveCount(14);
});

test('doors come from a list as a spreadsheet has it, in German', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/doors`);
  await ready(page);
  await page.getByRole('button', { name: 'Doors from a list…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add doors' });
  await dialog.getByRole('button', { name: 'Paste a list, or read a file…' }).click();
  await dialog
    .getByRole('textbox', { name: /^One door a line/ })
    .fill(
      'Tür-Nr.\tBezeichnung\tWie\tKabelweg (m)\nB1\tBüro\tD02\t12,5\nB2\tLager\tLesesaal\t7\nB3\tKeller\t\t',
    );
  await dialog.getByRole('button', { name: 'Fill the table' }).click();
  await expect(dialog.getByLabel('Cable run of B1, m')).toHaveValue('12.5');
  await expect(dialog.getByRole('alert')).toHaveText('There is no door “Lesesaal” to be like.');
  await dialog.getByRole('button', { name: 'Leave B2 out' }).click();
  await dialog.getByRole('button', { name: 'Add 2 doors' }).click();
  await expect(page.getByRole('navigation', { name: 'Doors' }).getByText('Keller')).toBeVisible();
  await page.getByRole('navigation', { name: 'Doors' }).getByRole('link', { name: /B1/ }).click();
  await expect(page.locator('[data-loop="lock-power"]')).toContainText('16 m');
});

test('a door moves in the list by keyboard, and gets another number with everything of it', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/doors`);
  await ready(page);
  const ledger = page.getByRole('navigation', { name: 'Doors' });
  await page.getByRole('button', { name: 'Move D01 down' }).focus();
  await page.keyboard.press('Enter');
  await expect(ledger.getByRole('listitem').first()).toContainText('D02');
  await expect(page.getByRole('button', { name: 'Move D01 down' })).toBeFocused();
  await page.getByRole('button', { name: 'More for D02' }).click();
  await page.getByRole('menuitem', { name: 'Another number…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Another number for D02' });
  await dialog.getByLabel('Number').fill('D04');
  await expect(dialog.getByRole('alert')).toHaveText('There is a door D04 already.');
  await dialog.getByLabel('Number').fill('G-02');
  await dialog.getByRole('button', { name: 'Renumber' }).click();
  await ledger.getByRole('link', { name: /G-02/ }).click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  await page.getByRole('link', { name: /^Test/ }).click();
  await expect(page.getByText('33 of 33 pass')).toBeVisible();
});

test('a type is exchanged in place: what fits stays, what does not is named before, and the verdict is asked', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'wire', site);
  await page.getByRole('tab', { name: 'Hardware' }).click();
  await page.getByRole('button', { name: 'More for PS1' }).click();
  await page.getByRole('menuitem', { name: 'Another type in its place…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Another type for PS1' });
  await dialog.getByLabel('Type').selectOption({ label: 'Supply 24 V 2.5 A with battery' });
  await expect(dialog.getByText('Every wire and setting fits as it is.')).toBeVisible();
  await expect(dialog.getByText('Too much voltage at L1')).toBeVisible();
  await dialog.getByRole('button', { name: 'Exchange PS1' }).click();
  await expect(verdicts(page)).toContainText('Too much voltage at L1');
  await page
    .getByRole('listitem')
    .filter({ hasText: 'PS1 is a Supply 24 V' })
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(verdicts(page).getByText('Nothing to fix')).toBeVisible();
  // A device goes to another door with its wires.
  await page.getByRole('button', { name: 'More for X1' }).click();
  await page.getByRole('menuitem', { name: 'Move to another door…' }).click();
  await page.getByLabel('To', { exact: true }).selectOption('D08');
  await page.getByRole('button', { name: 'Move it' }).click();
  await expect(page.getByText('X1 is at D08 now.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'More for X1' })).toHaveCount(0);
});
