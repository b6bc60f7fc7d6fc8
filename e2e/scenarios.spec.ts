import { expect, test } from '@playwright/test';
import { api, elsewhere, openDoor, ownCopy, saved, verdicts } from './help';

test('a scenario is kept, moved by drag and by key, found right, and tells what a longer time changes', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'timing', site);
  const part = page.getByRole('region', { name: 'Scenarios' });
  await part.getByRole('button', { name: /Somebody slow walks/ }).click();
  await expect(part.getByText('Comes as expected.')).toBeVisible();
  await expect(part.getByText(/every timer as fast or slow/)).toBeVisible();
  // The push, four seconds after the card. A key moves it past the unlock time: the scenario is kept with that.
  const push = part.getByRole('slider', { name: '2: Pulled from outside' });
  await push.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(part.getByRole('textbox', { name: 'Name of the scenario' })).toHaveValue(/Somebody slow/);
  await push.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(part.getByText('At 6.0 s the leaf does not open: the lock holds.')).toBeVisible();
  await expect(verdicts(page).getByText('“Somebody slow walks from the reader” does not go')).toBeVisible();
  // Drawn back to the left by hand, it opens again.
  const from = (await push.boundingBox())!;
  await page.mouse.move(from.x + 12, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x - 60, from.y + 12, { steps: 4 });
  await page.mouse.up();
  await expect(part.getByText('Comes as expected.')).toBeVisible();
  await part.getByRole('button', { name: 'These lanes are right' }).click();
  await saved(page);
  await elsewhere(page, site, { kind: 'setSetting', device: 'D02/K1', setting: 'ch1.relock', value: 'time' });
  await elsewhere(page, site, { kind: 'setSetting', device: 'D02/K1', setting: 'ch1.unlock', value: 25 });
  await expect(part.getByText(/^Lock, .* unlocked; accepted was locked\.$/)).toBeVisible();
  const file = (await (await page.request.get(api(site, '/export.json'))).json()) as {
    scenarios: { door: string; acts: { at: number }[]; kept: object | null }[];
  };
  expect(file.scenarios).toMatchObject([{ door: 'D02', kept: { lock: expect.any(Array) as unknown } }]);
});

test('a scenario of one’s own is written, judged, and taken back', async ({ page }) => {
  const site = await ownCopy(page);
  await openDoor(page, 'D02', 'timing', site);
  const part = page.getByRole('region', { name: 'Scenarios' });
  await part.getByRole('button', { name: 'Write one' }).click();
  await part.getByLabel('Add something that happens').selectOption({ label: 'Forced open' });
  await part.getByLabel('Moment of 2, Forced open, seconds').fill('8');
  await page.keyboard.press('Enter');
  await part.getByLabel('Door forced alarm', { exact: true }).selectOption('quiet');
  await expect(part.getByText('Door forced alarm: raised at 8.0 s, and not expected.')).toBeVisible();
  await part.getByLabel('Door forced alarm', { exact: true }).selectOption('sounds');
  await expect(part.getByText(/At the end it should be locked; it is open/)).toBeVisible();
  await part.getByLabel('Moment of 2, Forced open, seconds').fill('a while');
  await page.keyboard.press('Enter');
  await expect(part.getByLabel('Moment of 2, Forced open, seconds')).toHaveAttribute('aria-invalid', 'true');
  await page.keyboard.press('Escape');
  await part.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(part.getByRole('button', { name: 'Keep with this door' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(part.getByRole('button', { name: /Scenario 1/ })).toBeVisible();
});
