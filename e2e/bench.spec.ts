import { expect, test } from '@playwright/test';
import { bench, openDoor } from './help';

test('what arrives of the rest of the site does not restart the bench', async ({ page }) => {
  let letGo = (): void => undefined;
  const held = new Promise<void>((resolve) => (letGo = resolve));
  let asked = false;
  await page.route('**/changes?since=-1*', async (route) => {
    asked = true;
    await held;
    await route.continue();
  });
  await openDoor(page, 'D04');
  const at = bench(page);
  await at.getByRole('button', { name: 'All dead' }).click();
  await expect(at.getByText('Inside: the lever')).toBeVisible();
  await expect.poll(() => asked).toBe(true);
  const arrived = page.waitForResponse(/changes\?since=-1/);
  letGo();
  await (await arrived).finished();
  // The keypad is still dead: the bench is where it was left.
  await at.getByRole('button', { name: 'Code', exact: true }).click();
  await expect(at.getByText(/The keypad is dead/)).toBeVisible();
});
