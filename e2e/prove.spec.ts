import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, saved } from './help';

test('a search for pairs is stopped and goes on where it was', async ({ page }) => {
  const site = await ownCopy(page, 'D09');
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
