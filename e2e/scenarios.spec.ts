import { expect, test } from '@playwright/test';
import { api, elsewhere, openDoor, ownCopy, saved, verdicts } from './help';

test('a scenario is kept, moved by drag and by key, found right, and tells what a longer time changes', async ({
  page,
}) => {
  const site = await ownCopy(page, 'D02');
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
