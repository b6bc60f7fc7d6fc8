import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { elsewhere, openDoor, ownCopy, verdicts } from './help';

/** The page of people of a copy of the archive, at one of its tabs. */
async function openAccess(page: Page, tab: string, site = 'quillhaven') {
  await page.goto(`/s/${site}/people`);
  await page.waitForSelector('html[data-alive]');
  await page.getByRole('tab', { name: tab, exact: true }).click();
}

test('days off come from an iCalendar file, shown before they are taken in, and go out as one', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openAccess(page, 'Holidays', site);
  const file = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//test//test',
    'X-WR-CALNAME:Town',
    ...[
      'BEGIN:VEVENT',
      'UID:1',
      'SUMMARY:Harvest',
      'DTSTART;VALUE=DATE:20261005',
      'DTEND;VALUE=DATE:20261007',
    ],
    'END:VEVENT',
    ...['BEGIN:VEVENT', 'UID:2', 'SUMMARY:Tour', 'DTSTART:20261005T100000Z', 'END:VEVENT'],
    'END:VCALENDAR',
  ].join('\r\n');
  const put = (text: string, name: string) =>
    page.getByLabel('iCalendar file', { exact: true }).setInputFiles({
      name,
      mimeType: 'text/calendar',
      buffer: Buffer.from(text),
    });
  await put('no calendar at all', 'notes.ics');
  await expect(page.getByRole('dialog')).toContainText('Nothing was changed');
  await page.keyboard.press('Escape');
  await put(file, 'town.ics');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Harvest 5 Oct 2026 to 6 Oct 2026');
  await expect(dialog).toContainText('Left out: Tour (not a whole day)');
  await dialog.getByRole('button', { name: 'Add as a calendar' }).click();
  const town = page.getByRole('region', { name: 'Town' });
  await expect(town.getByLabel('Last day of Harvest')).toHaveValue('2026-10-06');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    town.getByRole('button', { name: 'Save Town as an iCalendar file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe(`${site}-town.ics`);
});

test('a leaver goes in one step, and every keypad that still opens to them says so', async ({ page }) => {
  const site = await ownCopy(page);
  // A third keypad is found to hold her code.
  await elsewhere(page, site, {
    kind: 'setMemory',
    device: 'D06/K1',
    memory: {
      device: 'D06/K1',
      programmingCode: '731946',
      slots: { 1: { code: '480216', card: null } },
      times: {},
    },
  });
  await openAccess(page, 'People', site);
  // Codes are fetched once the page stands: nobody is changed before they are there.
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('••••••');
  await page.getByRole('button', { name: 'Ines Calloway leaves' }).click();
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('until');
  // The sheets of all three stand together, and go on one paper without codes.
  await page.getByRole('tab', { name: 'Keypads', exact: true }).click();
  for (const door of ['D04', 'D05', 'D06'])
    await expect(page.getByRole('row', { name: new RegExp(`^${door}`) })).toContainText(
      /to clear, of Ines Calloway/,
    );
  await page.evaluate(() => {
    window.print = () =>
      document.body.setAttribute(
        'data-printed',
        document.querySelector('[data-print="keysheets"]')?.textContent ?? '',
      );
  });
  await page.getByRole('button', { name: 'Print the sheets' }).click();
  await page.getByRole('menuitem', { name: 'Without codes' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', /Clear the slot, slot 001/);
  const paper = (await page.locator('body').getAttribute('data-printed')) ?? '';
  expect(paper).toContain('• • • • • •');
  expect(paper).not.toContain('7 3 1 9 4 6');
  for (const door of ['D06', 'D04', 'D05']) {
    await openDoor(page, door, 'program', site);
    await expect(
      verdicts(page)
        .getByText(/Ines Calloway/)
        .first(),
    ).toBeVisible();
  }
  // At one of them the sheet that removes it is keyed, and it opens no more.
  await page.getByRole('button', { name: 'Key it into the simulated one' }).click();
  await expect(page.getByText('The simulated keypad holds exactly the list.')).toBeVisible({
    timeout: 15_000,
  });
  await page.getByRole('button', { name: /^Record that K1/ }).click();
  await expect(verdicts(page).getByText(/Ines Calloway/)).toHaveCount(0);
});

test('a list of people is taken in after it is shown what it does, and goes out without codes', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openAccess(page, 'People', site);
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('••••••');
  await page.getByRole('button', { name: 'From a list…' }).click();
  const dialog = page.getByRole('dialog');
  const many = Array.from({ length: 400 }, (_, n) => `Visitor ${n + 1};Guests;Readers;31.12.2026;`);
  await dialog
    .getByLabel('People', { exact: true })
    .fill(
      [
        'Name;Abteilung;Zutritt;gültig bis;Türen',
        ...many,
        'Odd Fenwick;Readers;;;D05 D06',
        'Kim;;;5/6/2026;',
      ].join('\n'),
    );
  await expect(dialog.getByRole('status')).toContainText('400 added, 1 as they are');
  await expect(dialog.getByRole('status')).toContainText('1 row cannot be read and stay here');
  await dialog.getByRole('button', { name: 'Import it' }).click();
  // What could not be read is still there, alone.
  await expect(dialog.getByText('“5/6/2026” may be two days')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('status').filter({ hasText: '406 people' })).toBeVisible();
  await page.getByLabel('Find people').fill('guests visitor 39');
  await expect(page.getByRole('status').filter({ hasText: '14 of 406' })).toBeVisible();
  await page.getByRole('button', { name: 'CSV' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Without codes' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(text).toContain('Visitor 400');
  expect(text).not.toContain('480216');
});
