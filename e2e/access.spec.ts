import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { bench, elsewhere, openDoor, ownCopy, verdicts } from './help';

/** The page of people of a copy of the archive, at one of its tabs. */
async function openAccess(page: Page, tab: string, site = 'quillhaven') {
  await page.goto(`/s/${site}/people`);
  await page.waitForSelector('html[data-alive]');
  await page.getByRole('tab', { name: tab, exact: true }).click();
}

/** Asks whether somebody may open a door, and gives the answer's place. */
async function ask(page: Page, person: string, door: string, day: string, time: string) {
  const asked = page.getByRole('region', { name: 'May this person open that door then?' });
  await asked.getByLabel('Person').selectOption(person);
  await asked.getByLabel('Door').selectOption(door);
  await asked.getByLabel('Day').fill(day);
  await asked.getByLabel('Time').fill(time);
  return asked.getByRole('status');
}

test('a question is answered with the rule that decides, and a day off closes a door', async ({ page }) => {
  const site = await ownCopy(page);
  await openAccess(page, 'Holidays', site);
  await expect(await ask(page, 'P04', 'D02', '2026-11-25', '10:00')).toContainText(
    /Yes, until Wed 25 Nov, 17:00.*“Readers” opens it by “Reading hours”/,
  );
  await expect(await ask(page, 'P04', 'D02', '2026-11-26', '10:00')).toContainText(
    /No, until Fri 27 Nov, 09:00.*Founders’ day/,
  );
  // A day more in the house’s calendar shuts the door on it.
  const answer = await ask(page, 'P04', 'D02', '2026-11-27', '10:00');
  await expect(answer).toContainText('Yes');
  const house = page.getByRole('region', { name: 'Of the house' });
  await house.getByRole('button', { name: 'Day', exact: true }).click();
  await house.getByLabel('Name of day 2').fill('Bridge day');
  await house.getByLabel('Name of day 2').press('Enter');
  await expect(answer).toContainText(/No, until Sat 28 Nov, 09:00.*Bridge day/);
  for (let steps = 0; steps < 2; steps += 1)
    await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(answer).toContainText('Yes');
  // The same in the week’s picture, in words for whoever does not see it.
  await page.getByRole('tab', { name: 'Week', exact: true }).click();
  await page.getByLabel('Week of').fill('2026-11-24');
  await expect(page.getByText('Founders’ day: Staff, Readers shut out')).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Wednesday.' })).toContainText(
    'Readers: 09:00–17:00',
  );
});

test('a level is made, given to a group, and opens a door to whoever is in it', async ({ page }) => {
  const site = await ownCopy(page);
  await openAccess(page, 'Access levels', site);
  await page.getByRole('button', { name: 'Access level' }).click();
  const level = page.getByRole('region', { name: 'Level 4' });
  await level.locator('summary').first().click();
  await level.getByRole('button', { name: 'D12', exact: true }).click();
  await level.getByLabel('Hours, row 1').selectOption({ label: 'Reading hours' });
  await level.getByRole('button', { name: 'Readers', exact: true }).click();
  await expect(level).toContainText('2 people');
  await expect(await ask(page, 'P06', 'D12', '2026-12-02', '10:00')).toContainText(/Yes.*“Level 4” opens it/);
  // Her last day is told by the same answer.
  await expect(await ask(page, 'P06', 'D12', '2026-12-21', '10:00')).toContainText(
    '18 Dec 2026 was the last day',
  );
  await page.reload();
  await page.waitForSelector('html[data-alive]');
  await expect(page.getByRole('region', { name: 'Level 4' })).toContainText('D12');
  await openDoor(page, 'D12', 'program', site);
  await expect(page.getByRole('row', { name: /^Tamsin Yeo/ })).toBeVisible();
});

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

test('everybody who is found is given a level at once, and undo takes it back', async ({ page }) => {
  const site = await ownCopy(page);
  await openAccess(page, 'People', site);
  await page.getByLabel('Find people').fill('readers');
  await expect(page.getByRole('status').filter({ hasText: '2 of 6' })).toBeVisible();
  await page.getByRole('button', { name: 'Change all shown…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Level').selectOption({ label: 'Rounds' });
  await expect(dialog).toContainText('This changes 2 of 2');
  await dialog.getByRole('button', { name: 'Change 2' }).click();
  await expect(page.getByRole('row', { name: /Odd Fenwick/ })).toContainText('Readers, Rounds');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('row', { name: /Odd Fenwick/ })).not.toContainText('Rounds');
});

test('an unlock schedule is set at a door, and the first person in unlocks it on the bench', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openAccess(page, 'Schedules', site);
  await page.getByLabel('Unlock schedule of D02').selectOption({ label: 'Open mornings' });
  await expect(page.getByLabel('How the unlock schedule of D02 starts')).toHaveValue('first-in');
  await page.getByLabel('Unlock schedule of D01').selectOption({ label: 'Open mornings' });
  await expect(page.getByRole('row', { name: /^D01/ })).toContainText('K1 keeps no schedule');
  await openDoor(page, 'D02', 'prove', site);
  await bench(page).getByRole('button', { name: 'Unlock schedule' }).click();
  await expect(bench(page).getByText('Locked', { exact: true })).toBeVisible();
  await bench(page).getByRole('button', { name: 'Card', exact: true }).click();
  await expect(bench(page).getByText('Unlocked', { exact: true })).toBeVisible();
  // No time runs after which it would lock.
  await expect(bench(page).getByRole('button', { name: 'Skip to the next event' })).toBeDisabled();
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

test('a card format is found from two cards', async ({ page }) => {
  await openAccess(page, 'Cards');
  const hand = page.getByRole('region', { name: 'Two cards in hand' });
  await hand.getByLabel('Card 1, printed').fill('71-2001');
  await hand.getByLabel('Card 1, read').fill('D10747');
  await hand.getByLabel('Card 2, printed').fill('71-2002');
  await hand.getByLabel('Card 2, read').fill('D20747');
  await expect(hand.getByRole('status')).toContainText('One format fits.');
  await expect(hand.getByRole('status')).toContainText('26 bits');
  await expect(hand.getByRole('status')).toContainText('read as bytes reversed, hex');
  await hand.getByLabel('Card 2, read').fill('D30747');
  await expect(hand.getByRole('status')).toContainText('No format that is known here fits');
  const one = page.getByRole('region', { name: 'A card in every form' });
  await expect(one.getByRole('row', { name: /decimal/ }).first()).toContainText('4655057');
  await expect(one).toContainText('34 bits sees nothing: 26 bits come');
  await one.getByLabel('Number').fill('70000');
  await expect(one.getByRole('alert')).toContainText('no room');
});
