import { expect, test } from '@playwright/test';
import { openDoor, ownCopy, ready, saved, verdicts } from './help';
import { DEMO } from './servers';

test('network devices: an address of the wrong form is not kept, one taken twice is named', async ({
  page,
}) => {
  const site = await ownCopy(page);
  await page.goto(`${DEMO.url}/s/${site}/sets`);
  await ready(page);
  const card = page.getByRole('region', { name: 'Network' });
  const address = card.getByLabel('network address of D12 K1');
  await address.fill('10.20.4');
  await expect(card.getByRole('alert')).toContainText('Like 10.0.4.21');
  await address.fill('10.20.4.24');
  await address.press('Enter');
  await expect(card.getByText('taken twice')).toHaveCount(2);
  await saved(page);
  await openDoor(page, 'D12', 'wire', site);
  await expect(verdicts(page)).toContainText('have the same network address');
});
