import { expect, test, type Page } from '@playwright/test';
import { api, elsewhere, openDoor, ownCopy, ready, saved } from './help';
import { DEMO } from './servers';

const doorOf = async (page: Page, site: string, door: string) =>
  (
    (await (await page.request.get(api(site))).json()) as {
      plan: { doors: Record<string, { name: string; notes: string }> };
    }
  ).plan.doors[door];

test('a change that no longer fits stands aside with its text, and the ones around it are saved', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D08', 'brief', site);
  // The server is out of reach while three changes are made; meanwhile the door they are about goes.
  await page.route('**/edits', (route) => route.abort());
  await page.getByLabel('Notes').fill('Shim the keep');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Not sent yet')).toBeVisible();
  await openDoorInPlace(page, 'D05');
  await page.getByLabel('Name of the door').fill('Bindery');
  await page.keyboard.press('Tab');
  await elsewhere(page, site, { kind: 'removeDoor', id: 'D08' });
  await page.unroute('**/edits');
  const chip = page.getByRole('button', { name: 'Not saved: 1' });
  await expect(chip).toBeVisible({ timeout: 45_000 });
  await expect.poll(async () => (await doorOf(page, site, 'D05'))?.name).toBe('Bindery');
  // Over a reload it is still there.
  await page.reload();
  await ready(page);
  await chip.click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Door D08: notes');
  await expect(dialog).toContainText('There is no door “D08” any more');
  await expect(dialog.getByRole('list', { name: 'What was typed' })).toContainText('notes: Shim the keep');
  // The door is gone: trying again is not the first thing offered.
  await expect(dialog).toContainText('it would be refused again');
  await dialog.getByRole('button', { name: 'Discard it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await saved(page);
});

/** Another door by the ledger, without loading the page anew. */
async function openDoorInPlace(page: Page, door: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Doors' })
    .getByRole('link', { name: new RegExp(`^${door}`) })
    .click();
  // The form of the door before has a name as well.
  await expect(page.getByRole('heading', { name: new RegExp(`^${door} `) })).toBeVisible();
}

test('an undo that would replace what somebody else has changed asks first', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D05', 'brief', site);
  const name = page.getByLabel('Name of the door');
  await name.fill('Mine');
  await page.keyboard.press('Tab');
  await saved(page);
  await elsewhere(page, site, { kind: 'setDoor', id: 'D05', patch: { name: 'Theirs' } });
  await expect(name).toHaveValue('Theirs');
  await page.getByRole('button', { name: 'Undo' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('somebody else has changed this');
  await expect(dialog).toContainText('door D05, name: “Theirs” now, “Binding shop” then');
  // The safe answer has the focus: Enter leaves what others wrote.
  await expect(dialog.getByRole('button', { name: 'Leave it' })).toBeFocused();
  await dialog.getByRole('button', { name: 'Leave it' }).click();
  await expect(name).toHaveValue('Theirs');
  await page.getByRole('button', { name: 'Undo' }).click();
  await dialog.getByRole('button', { name: 'Undo anyway' }).click();
  await expect(name).toHaveValue('Binding shop');
  await saved(page);
  expect((await doorOf(page, site, 'D05'))?.name).toBe('Binding shop');
});

test('edits that touch other doors are put together by the server, without a word lost', async ({
  browser,
}) => {
  const first = await (await browser.newContext()).newPage();
  const site = await ownCopy(first);
  const second = await (await browser.newContext()).newPage();
  await openDoor(first, 'D02', 'brief', site);
  await openDoor(second, 'D05', 'brief', site);
  for (let n = 1; n <= 5; n += 1) {
    await Promise.all(
      [first, second].map(async (page, who) => {
        await page.getByLabel('Notes').fill(`${who} ${n}`);
        await page.keyboard.press('Tab');
      }),
    );
  }
  await saved(first);
  await saved(second);
  // “Saved” may still stand for the edit before the last one: what counts is that the last arrives.
  const notes = async () =>
    Promise.all(['D02', 'D05'].map(async (door) => (await doorOf(first, site, door))?.notes));
  await expect.poll(notes).toEqual(['0 5', '1 5']);
  for (const page of [first, second]) await page.context().close();
});

test('a site is removed after its name is typed, and a backup says where it is', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/pack`);
  await ready(page);
  const card = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: 'Remove this site' }) });
  const button = card.getByRole('button', { name: 'Remove it' });
  await expect(button).toBeDisabled();
  await card.getByLabel('Type the name of the site').fill('Quillhaven');
  await expect(button).toBeDisabled();
  // Nor does the server take another name at its word.
  const wrong = await page.request.delete(api(site), {
    data: { name: 'Quillhaven' },
    headers: { origin: DEMO.url },
  });
  expect(wrong.status()).toBe(422);
  await card.getByLabel('Type the name of the site').fill('Quillhaven Archive');
  await button.click();
  await expect(page.getByRole('heading', { name: 'Quillhaven Archive is removed' })).toBeVisible();
  const path = (await page.getByText(/before-removing/).textContent()) ?? '';
  // Its name: where the server keeps its files is nobody's business who asks over the network.
  expect(path.trim()).toMatch(/^backups\/.*\.db$/);
  expect((await page.request.get(api(site))).status()).toBe(404);
});

test('what a file has written otherwise is told before it is taken in', async ({ page }) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/pack`);
  await ready(page);
  const file = {
    format: 'aldaba-site',
    version: 1,
    site: { id: 'notes', name: 'Notes' },
    doors: [{ id: 'D01', order: 1, name: 'one' }],
    devices: ['J1', 'J2'].map((tag) => ({
      id: `D01/${tag}`,
      door: 'D01',
      tag,
      type: 'joint',
      place: 'inside',
    })),
    wires: [
      {
        id: 'w',
        door: 'D01',
        number: 'W01',
        from: 'D01/J1.1',
        to: 'D01/J2.1',
        colour: 'RD',
        gauge: '1.0',
        length: 2,
      },
    ],
  };
  await page.getByLabel('Aldaba file').setInputFiles({
    name: 'notes.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await expect(page.getByText('Read otherwise than it is written:')).toBeVisible();
  await expect(page.getByText('wires[0].gauge: “1.0” is read as “1mm2”')).toBeVisible();
});

test('a door that cannot be judged says so alone', async ({ page }) => {
  const site = await ownCopy(page, 'D02');
  await openDoor(page, 'D02', 'wire', site);
  // The part that judges is made to stop: what stood before must not stay for a verdict.
  await page.route('**/verdict.worker*', (route) =>
    route.fulfill({
      contentType: 'text/javascript',
      body: 'self.addEventListener("message", () => { throw new Error("stopped"); });',
    }),
  );
  await page.goto(`${DEMO.url}/s/${site}/doors/D02/brief`);
  await ready(page);
  await page.getByLabel('Notes').fill('anything');
  await page.keyboard.press('Tab');
  const verdicts = page.getByRole('region', { name: 'Verdicts' });
  await expect(verdicts.getByText('Not judged')).toBeVisible();
  await expect(verdicts.getByRole('alert')).toContainText('least of all that it is sound');
});
