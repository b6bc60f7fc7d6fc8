import { bench, expect, openDoor, ownCopy, saved, test, verdicts, type Page } from '../../testing/page';
/** The page of people of a copy of the archive, once codes and cards have been fetched. */
async function openPeople(page: Page, site: string) {
  await page.goto(`/s/${site}/people`);
  await page.waitForSelector('html[data-alive]');
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('••••••');
}

test('a code is drawn that every keypad takes, and a card that is lost opens nothing', async ({ page }) => {
  const site = await ownCopy(page);
  await openPeople(page, site);
  await page.getByRole('button', { name: 'Ines Calloway', exact: true }).click();
  const person = page.getByRole('dialog');
  await expect(
    person.getByText('As 5 keypads take it: D01 K1, D04 K1, D05 K1, D06 K1 and others.'),
  ).toBeVisible();
  await person.getByLabel('Code', { exact: true }).fill('12');
  await expect(person.getByRole('alert').first()).toContainText('D01 K1');
  await person.getByRole('button', { name: 'Draw a code' }).click();
  await expect(person.getByLabel('Code', { exact: true })).toHaveValue(/^\d{4,8}$/);
  await expect(person.getByLabel('Code', { exact: true })).not.toHaveValue('480216');
  await person.getByRole('group', { name: 'Card 1' }).getByRole('button', { name: 'Report lost' }).click();
  await expect(person.getByText(/Reported lost on/)).toBeVisible();
  await person.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('row', { name: /Ines Calloway/ })).toContainText('71-2001 lost');
  await saved(page);
  await openDoor(page, 'D04', 'program', site);
  await expect(verdicts(page).getByText('K1 still opens for a lost card')).toBeVisible();
  await openDoor(page, 'D02', 'wire', site);
  await bench(page).getByRole('button', { name: 'Somebody…' }).click();
  const comes = page.getByRole('dialog');
  await comes.getByLabel('Who').selectOption({ label: 'Ines Calloway' });
  await expect(comes.getByRole('status')).toContainText('A card of Ines Calloway, reported lost.');
  await expect(comes.getByRole('status')).toContainText('It stays locked');
});
