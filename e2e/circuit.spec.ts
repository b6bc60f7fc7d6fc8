import { expect, test } from '@playwright/test';
import { api, elsewhere, openDoor, ownCopy } from './help';

test('a supply’s dial that times the lock is named at Timing, and set there', async ({ page }) => {
  const site = await ownCopy(page);
  // D10 hangs on its controller; the timed supply stands at another door.
  const file = await (await page.request.get(api(site, '/export.json'))).json();
  const timed = (file as { devices: { id: string; door: string; type: string }[] }).devices.find(({ type }) =>
    type.startsWith('supply-12v-timed'),
  );
  test.skip(!timed, 'the demo has no timed supply');
  await elsewhere(page, site, { kind: 'setSetting', device: timed!.id, setting: 't.exit', value: 9 });
  await openDoor(page, timed!.door, 'timing', site);
  await expect(page.getByText(/The lock follows PS\d+: released 9 s after a card or code/)).toBeVisible();
});
