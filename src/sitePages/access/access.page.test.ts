import { bench, expect, openDoor, ownCopy, test, type Page } from '../../testing/page';

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
