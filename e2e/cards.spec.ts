import { expect, test, type Page } from '@playwright/test';
import { bench, openDoor, ownCopy, saved, verdicts } from './help';

/** The page of people of a copy of the archive, once codes and cards have been fetched. */
async function openPeople(page: Page, site: string) {
  await page.goto(`/s/${site}/people`);
  await page.waitForSelector('html[data-alive]');
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('••••••');
}

test('a format of the site’s own is described, found from two cards, given to somebody, and set at the controller', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D02');
  await openPeople(page, site);
  await page.getByRole('tab', { name: 'Cards', exact: true }).click();
  await page.getByRole('button', { name: 'Describe a format' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('House cards');
  await dialog.getByLabel('Bits of the frame').fill('32');
  // Half of a frame is said, and not kept.
  await dialog.getByRole('group', { name: 'Number' }).getByLabel('to').fill('40');
  await expect(dialog.getByRole('status')).toContainText(
    'The number’s bits end before they begin, or beyond',
  );
  await expect(dialog.getByRole('button', { name: 'Keep the format' })).toBeDisabled();
  await dialog.getByRole('group', { name: 'Number' }).getByLabel('to').fill('25');
  await dialog.getByRole('group', { name: 'Number' }).getByLabel('lowest byte first').check();
  await dialog.getByRole('group', { name: 'Parity 2' }).getByLabel('Bit', { exact: true }).fill('32');
  await dialog.getByRole('button', { name: 'Keep the format' }).click();
  await expect(page.getByRole('region', { name: 'Formats of this site' })).toContainText('House cards');

  const one = page.getByRole('region', { name: 'A card in every form' });
  await one.getByLabel('Format').selectOption({ label: 'House cards' });
  const frame = (
    await one.getByRole('row', { name: 'whole frame, bits' }).getByRole('cell').innerText()
  ).trim();
  expect(frame).toHaveLength(32);
  const hand = page.getByRole('region', { name: 'Two cards in hand' });
  await hand.getByLabel('Card 1, printed').fill('71-2001');
  await hand.getByLabel('Card 1, read').fill(frame);
  await expect(hand.getByRole('status')).toContainText('House cards');

  await page.getByRole('tab', { name: 'People', exact: true }).click();
  await page.getByRole('button', { name: 'Tamsin Yeo', exact: true }).click();
  const person = page.getByRole('dialog');
  await person.getByRole('button', { name: 'Give a card' }).click();
  const card = person.getByRole('group', { name: 'Card 2' });
  await card.getByLabel('Facility').fill('300');
  await card.getByLabel('Number').fill('77');
  await expect(card.getByRole('alert')).toContainText('no room');
  await card.getByLabel('Facility').fill('71');
  await card.getByLabel('Format').selectOption({ label: 'House cards' });
  await card.getByLabel('By').fill('H. Delacroix');
  await person.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('row', { name: /Tamsin Yeo/ })).toContainText('71-2004, 71-77');
  await saved(page);

  // The controller waits for 26 bits: it is said, and the bench shows what comes of it.
  await openDoor(page, 'D02', 'program', site);
  await expect(verdicts(page).getByText('K1 misreads some of the cards')).toBeVisible();
  await bench(page).getByRole('button', { name: 'Somebody…' }).click();
  const comes = page.getByRole('dialog');
  await comes.getByLabel('Who').selectOption({ label: 'Tamsin Yeo' });
  await comes.getByLabel('Day').fill('2026-12-01');
  await comes.getByLabel('Time').fill('10:00');
  await expect(comes.getByRole('status')).toContainText('It opens');
  await comes.getByLabel('With').selectOption({ label: 'Card 71-77' });
  await expect(comes.getByRole('status')).toContainText('It stays locked');
  await expect(comes.getByRole('status')).toContainText('sees nothing: 32 bits come');
  await comes.getByRole('button', { name: 'Hold it to the reader' }).click();
  await expect(bench(page).getByText('Locked', { exact: true })).toBeVisible();
  await openDoor(page, 'D02', 'wire', site);
  await page.getByRole('tab', { name: 'Settings' }).click();
  await page.getByLabel('Card format', { exact: true }).selectOption({ label: 'House cards' });
  await bench(page).getByRole('button', { name: 'Somebody…' }).click();
  await comes.getByLabel('Who').selectOption({ label: 'Tamsin Yeo' });
  await comes.getByLabel('Day').fill('2026-12-01');
  await comes.getByLabel('Time').fill('10:00');
  await comes.getByLabel('With').selectOption({ label: 'Card 71-77' });
  await expect(comes.getByRole('status')).toContainText('It opens');
  await comes.getByRole('button', { name: 'Hold it to the reader' }).click();
  await expect(bench(page).getByText('Unlocked', { exact: true })).toBeVisible();
});
