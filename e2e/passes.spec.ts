import { expect, test, type Page } from '@playwright/test';
import { writeAldaba } from '#core/formats/index';
import { mustApply } from '../core/specimens/doors';
import { TRAPS } from '../core/specimens/traps';
import { ready } from './help';
import { DEMO } from './servers';

/** A site that looks right and is not, taken in, with its door open at Prove. */
async function openTrap(page: Page, name: string): Promise<void> {
  const trap = TRAPS.find((one) => one.name === name)!;
  const right = trap.make();
  const plan = mustApply(right, ...trap.edits(right));
  const imported = await page.request.post(`${DEMO.url}/api/import`, {
    data: JSON.stringify(writeAldaba(plan, { secrets: true })),
    headers: { 'content-type': 'application/json', origin: DEMO.url },
  });
  expect(imported.status()).toBe(201);
  const { site } = (await imported.json()) as { site: string };
  await page.goto(`${DEMO.url}/s/${site}/doors/${trap.door}/prove`);
  await ready(page);
}

/** The cell of a situation, by what it says. */
const cell = (page: Page, situation: string, says: string | RegExp) =>
  page.getByRole('row', { name: new RegExp(`^${situation}`) }).getByRole('button', { name: says });

test('a break glass that hangs outside: anybody opens the door by it', async ({ page }) => {
  await openTrap(page, 'magnet-controller: the break glass outside');
  await cell(page, 'At rest', /Open by EB1/).click();
  await expect(page.getByText('anybody outside opens it by EB1, with nothing but a hand')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Verdicts' })).toContainText('does not lock');
});

test('a fire that ends with the exit time: the moment is told, drawn, and watched on the bench', async ({
  page,
}) => {
  await openTrap(page, 'fire on the exit input: over with the exit time');
  await cell(page, 'Fire Fail', /Locked after 5/)
    .last()
    .click();
  await expect(page.getByText(/After 5\.0 s, when a timer of K1 ends, it is locked again/)).toBeVisible();
  await expect(page.getByRole('img', { name: /The lock: unlocked from 0.*locked from 5/ })).toBeVisible();
  await page.getByRole('button', { name: 'Show on the bench' }).click();
  await expect(page.getByRole('region', { name: 'Bench' })).toContainText('Fire');
});

test('a button at another door that opens this one is told with its door', async ({ page }) => {
  await openTrap(page, 'the exit inputs of two controllers joined');
  await cell(page, 'Something done at another door', /Open/).click();
  await expect(page.getByRole('heading', { name: /Something done at another door: D01 X1/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Verdicts' })).toContainText('does not lock');
});

test('a delayed way out: the delay is told, pushed on the bench, and re-armed with its key', async ({
  page,
}) => {
  await openTrap(page, 'nobody has said whether a delay is allowed');
  await expect(page.getByRole('region', { name: 'Verdicts' })).toContainText(
    'the brief does not say whether the exit',
  );
  await page.getByRole('link', { name: 'Brief' }).click();
  await page.getByText('Up to 15 s').click();
  await page.getByRole('link', { name: 'Prove' }).click();
  await expect(cell(page, 'Request to exit', /L1 after 16 s/)).toBeVisible();
  const bench = page.getByRole('region', { name: 'Bench' });
  await bench.getByRole('button', { name: 'Push and hold' }).click();
  await expect(bench.getByRole('img', { name: /Alarm L1: .*sounds/ })).toBeVisible();
  await expect(bench).toContainText('Unlocked', { timeout: 25_000 });
  await bench.getByRole('button', { name: 'Re-arm L1' }).click();
  await expect(bench).toContainText('Locked');
});
