import { MAGNET_BRIEF, wiredDoor } from '../../../core/specimens/doors';
import { begin, elsewhere, expect, openDoor, test } from '../../testing/page';

test('a supply’s dial that times the lock is named at Timing, with the seconds it is set to', async ({
  page,
}) => {
  const plan = wiredDoor('magnet-timed', MAGNET_BRIEF);
  const supply = Object.values(plan.devices).find(({ type }) => type.startsWith('supply-12v-timed'))!;
  const site = begin(plan);
  await openDoor(page, 'D01', 'timing', site);
  await expect(page.getByText(/The lock follows PS1: released \d+ s after/)).toBeVisible();
  await elsewhere(page, site, { kind: 'setSetting', device: supply.id, setting: 't.exit', value: 9 });
  await expect(page.getByText('The lock follows PS1: released 9 s after a card or code.')).toBeVisible();
});
