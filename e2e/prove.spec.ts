import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, saved } from './help';

test('single faults are tried, grouped worst first, and one goes on the bench as it stands then', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D03', 'prove', site);
  await page.getByRole('tab', { name: 'Faults' }).click();
  const singles = page.getByRole('region', { name: 'Single faults' });
  await expect(singles.getByRole('status')).toHaveText(/^(\d+) of \1 tried$/);
  await expect(singles.getByRole('heading', { name: /^Open, with no alarm \d+$/ })).toBeVisible();
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench).toContainText('Locked');
  await singles.getByRole('button', { name: /^Wire W01 off: .*: show on the bench$/ }).click();
  await expect(bench).toContainText('Broken: Wire W01 off');
  await expect(bench).toContainText('Unlocked');
  await bench.getByRole('button', { name: 'Back to rest' }).click();
  await expect(bench).not.toContainText('Broken:');
  await expect(bench).toContainText('Locked');
  const worth = page.getByRole('region', { name: 'What each part is worth' });
  await worth.getByRole('button', { name: 'Remove each in turn' }).click();
  await expect(worth.getByRole('listitem').filter({ hasText: 'EB1' })).toContainText(
    /covers for \d+ faults, \d+ of which would lock somebody in/,
  );
});

test('a search for pairs is stopped and goes on where it was', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D09', 'prove', site);
  await page.getByRole('tab', { name: 'Faults' }).click();
  const pairs = page.getByRole('region', { name: 'Pairs of faults' });
  await pairs.getByRole('button', { name: 'Try pairs' }).click();
  await expect(pairs.getByRole('status')).toHaveText(/^[1-9]\d* of \d+ tried$/);
  await pairs.getByRole('button', { name: 'Stop' }).click();
  const said = (await pairs.getByRole('status').textContent()) ?? '';
  const [done, of] = said.match(/\d+/g)!.map(Number) as [number, number];
  expect(done).toBeLessThan(of);
  await pairs.getByRole('button', { name: 'Go on' }).click();
  await expect(pairs.getByRole('status')).toHaveText(`${of} of ${of} tried`, { timeout: 60_000 });
});

test('a broken promise is told as a story, played on the bench and kept as a scenario', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D03', 'prove', site);
  await page.getByRole('tab', { name: 'Orders' }).click();
  await page.getByRole('button', { name: 'Try every order' }).click();
  const story = page.getByRole('region', { name: 'Broken: A fire release lasts until it is reset' });
  await expect(story.getByRole('listitem')).toHaveText([
    'Fire alarm',
    'The fire line is lost, or the panel reset',
  ]);
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Every order of events' }).getByRole('status')).toContainText(
    /states, .* events tried; every row of up to \d+ events?, not beyond/,
  );
  await story.getByRole('button', { name: 'Play it on the bench' }).click();
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench).toContainText('Unlocked');
  await expect(bench).toContainText('Locked');
  await bench.getByRole('button', { name: 'Journal of the bench' }).click();
  await expect(page.getByRole('list', { name: 'Journal' }).getByRole('listitem').first()).toContainText(
    'Fire alarm',
  );
  await page.keyboard.press('Escape');
  await story.getByRole('button', { name: 'Keep it as a scenario' }).click();
  await expect(story.getByRole('button', { name: 'Kept under Timing' })).toBeDisabled();
  await saved(page);
  await openDoor(page, 'D03', 'timing', site);
  await expect(
    page.getByRole('list', { name: 'Scenarios of this door' }).getByText('A fire release lasts until'),
  ).toBeVisible();
});

test('a situation of the table is made so on the bench, and goes on from there', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'prove', site);
  const row = page
    .getByRole('row')
    .filter({ has: page.getByRole('rowheader', { name: 'Fire', exact: true }) });
  await row.getByRole('button').first().click();
  await page.getByRole('button', { name: 'Show on the bench' }).click();
  const bench = page.getByRole('region', { name: 'Bench' });
  await expect(bench).toContainText('Unlocked by the fire alarm');
  await bench.getByRole('button', { name: 'Reset by key' }).click();
  await expect(bench).toContainText('Locked');
});

test('what would help against single faults is tried on a copy, and done by a press', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D10', 'prove', site);
  await page.getByRole('tab', { name: 'Faults' }).click();
  const singles = page.getByRole('region', { name: 'Single faults' });
  await expect(singles.getByRole('heading', { name: /^Somebody is locked in \d+$/ })).toBeVisible();
  const helps = page.getByRole('region', { name: 'What would help' });
  await helps.getByRole('button', { name: 'Try what would help' }).click();
  const glass = helps.getByRole('listitem').filter({ hasText: 'A break glass' });
  // Every fault is tried anew with each of them: long work, which shows its progress.
  await expect(glass).toContainText(/somebody locked in \d+ → \d+/, { timeout: 40_000 });
  await glass.getByRole('button', { name: 'Do it' }).click();
  await saved(page);
  await expect(helps.getByRole('button', { name: 'Try what would help' })).toBeVisible();
});

test('every device is tried for itself, and what is wanted can be something else, with a reason', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D13', 'prove', site);
  const table = page.getByRole('table', { name: 'What the door does in every situation' });
  await table
    .getByRole('row', { name: /^Request to exit X1, X2/ })
    .getByRole('button', { name: /^Fail: / })
    .click();
  const each = page.getByRole('list', { name: 'At each device' });
  await expect(each.getByRole('listitem')).toHaveText([/^X1 Unlocked: Pass/, /^X2 Only by X1, EB1: Fail/]);
  await each.getByRole('button', { name: 'On the bench' }).first().click();
  await expect(page.getByRole('region', { name: 'Bench' })).toContainText('Unlocked');
  await page.getByRole('button', { name: 'Draw the loop before and after' }).click();
  await expect(page.getByRole('img', { name: /^Loop A, At rest: / })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Loop A, Request to exit: / })).toBeVisible();
  // Less of a way out than the brief leads to is not a pass, whatever is written.
  await page.getByRole('button', { name: 'Expect something else…' }).click();
  const form = page.getByRole('form', { name: 'What is expected: Request to exit, from inside' });
  await form.getByText('a way out', { exact: true }).click();
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(form).toContainText('Say why');
  await form.getByLabel('Why?').fill('X2 is on order');
  await form.getByRole('button', { name: 'Keep' }).click();
  await saved(page);
  const cell = table
    .getByRole('row', { name: /^Request to exit/ })
    .getByRole('button')
    .last();
  await expect(cell).toContainText('Not proven');
  await expect(cell).toContainText('changed: a way out needed');
  await page.reload();
  await expect(cell).toContainText('changed: a way out needed');
  await cell.click();
  await page.getByRole('button', { name: 'Expect something else…' }).click();
  await page.getByRole('button', { name: 'As the brief says' }).click();
  await expect(cell).toContainText('free exit needed');
});
