import { bench, expect, openDoor, test } from '../../testing/page';
test('a magnet door answers everything that can be done to it', async ({ page }) => {
  await openDoor(page, 'D02');
  const at = bench(page);
  const press = (name: string) => at.getByRole('button', { name, exact: true }).click();
  // A word alone is the state of the door, and no part of a lane.
  const says = (text: string | RegExp) =>
    expect(at.getByText(text, { exact: text === 'Locked' || text === 'Unlocked' }).first()).toBeVisible();
  await says('Locked');
  await says('13.26 V · 0.48 A');
  await press('Wrong card');
  await says('Card read. Refused.');
  await says('Locked');
  await press('Enter');
  await says(/The door does not open/);
  await press('Card');
  await says('Unlocked');
  await press('Enter');
  await says('Door open');
  await press('Close door');
  await says('Locked');
  await press('Break glass');
  await says('Inside: just open it');
  await press('Reset EB1');
  await says('Locked');
  await press('Fire');
  await press('Fire line lost');
  await says('Unlocked');
  await press('Reset by key');
  await says('Locked');
  await press('Mains off');
  await says(/12\.\d\d V · 0\.4\d A/);
  await press('Mains off');
  await press('All dead');
  await says('Unlocked');
  await press('All dead');
  await says('Locked');
  await at.getByRole('button', { name: 'Cut a wire…' }).click();
  await page.getByRole('menuitem', { name: /W04/ }).click();
  await says('Unlocked');
  await expect(page.getByRole('button', { name: /^W04, red.*0 A$/ })).toBeVisible();
  await at.getByRole('button', { name: 'Back to rest' }).click();
  await says('Locked');
});

test('a strike on a keypad: locked without current, unlocked by a code, lever always', async ({ page }) => {
  await openDoor(page, 'D04');
  const at = bench(page);
  await expect(at.getByText('Locked', { exact: true })).toBeVisible();
  await expect(at.getByText('0 V · 0 A')).toBeVisible();
  await at.getByRole('button', { name: 'Code', exact: true }).click();
  await expect(at.getByText('Unlocked', { exact: true })).toBeVisible();
  await at.getByRole('button', { name: 'Skip to the next event' }).click();
  await expect(at.getByText('Locked', { exact: true })).toBeVisible();
  await at.getByRole('button', { name: 'All dead' }).click();
  await expect(at.getByText('Inside: the lever')).toBeVisible();
  await at.getByRole('button', { name: 'Code', exact: true }).click();
  await expect(at.getByText(/The keypad is dead/)).toBeVisible();
});
