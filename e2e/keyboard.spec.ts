import { expect, test, type Page } from '@playwright/test';
import { ready, saved, verdicts } from './help';
import { DEMO } from './servers';

/** Presses keys as a person does, and counts them. */
function keysOf(page: Page) {
  let count = 0;
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await page.keyboard.press(key);
      count += 1;
      await page.waitForTimeout(40);
    }
  };
  const type = async (text: string) => {
    await page.keyboard.type(text);
    count += text.length;
  };
  /** Goes on with Tab until this has the focus. */
  const tabTo = async (name: RegExp, most = 40) => {
    for (let n = 0; n < most; n += 1) {
      if (name.test(await focused(page))) return;
      await press('Tab');
    }
    throw new Error(`${String(name)} was not reached; the focus is on ${await focused(page)}`);
  };
  return { press, type, tabTo, count: () => count };
}

/** What has the focus: role or tag, and name. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const at = document.activeElement as HTMLElement | null;
    if (!at || at === document.body) return 'nothing';
    const label =
      at.getAttribute('aria-label') ??
      (at as HTMLInputElement).labels?.[0]?.textContent ??
      at.textContent?.trim().slice(0, 80);
    const group = at.closest('fieldset')?.querySelector('legend')?.textContent ?? '';
    return `${at.tagName.toLowerCase()} ${group} ${label ?? ''}`.replace(/\s+/g, ' ');
  });

const emptySite = async (page: Page): Promise<string> => {
  const made = await page.request.post(`${DEMO.url}/api/sites`, {
    data: { name: 'Bare hall' },
    headers: { origin: DEMO.url },
  });
  return ((await made.json()) as { site: string }).site;
};

test('by keyboard alone, from an empty site to the pack, in under 120 strokes', async ({ page }) => {
  const site = await emptySite(page);
  await page.goto(`${DEMO.url}/s/${site}`);
  await ready(page);
  await expect(page.getByText('has no doors yet')).toBeVisible();
  const { press, type, tabTo, count } = keysOf(page);
  // The one thing to do here has the focus.
  expect(await focused(page)).toContain('Plan the first door');
  await press('Enter');
  await expect.poll(() => focused(page)).toContain('Name of the door');
  await type('Hall');
  for (const [question, key] of [
    ['protect', 'Space'],
    ['escape route', 'Space'],
    ['lever or bar', 'ArrowLeft'],
    ['fire service', 'Space'],
    ['key open', 'ArrowLeft'],
    ['fire door', 'ArrowLeft'],
    ['weather', 'ArrowLeft'],
    ['slow', 'ArrowLeft'],
  ] as const) {
    await press('Tab');
    expect(await focused(page)).toMatch(new RegExp(question, 'i'));
    await press(key);
  }
  await tabTo(/Choose fail-safe/);
  await press('Enter');
  await tabTo(/Choose hardware/);
  await press('Enter');
  await expect.poll(() => focused(page)).toMatch(/^button/);
  await press('Enter');
  await expect.poll(() => focused(page)).toContain('Wire it');
  await press('Enter');
  await expect.poll(() => focused(page)).toContain('Cable run');
  await type('14');
  await press('Enter');
  await expect(page.locator('[data-loop="lock-power"]')).toBeVisible();
  await expect.poll(() => focused(page)).not.toBe('nothing');
  await press('8');
  await expect.poll(() => focused(page)).toContain('Pack as PDF');
  await saved(page);
  const download = page.waitForEvent('download');
  await press('Enter');
  expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
  console.info(`${count()} strokes`);
  expect(count()).toBeLessThan(120);
});

test('the focus is never lost: after an act it is on what comes next, after a dialog where it was', async ({
  page,
}) => {
  const file = await page.request.get(`${DEMO.url}/api/sites/quillhaven/export.json`);
  const made = await page.request.post(`${DEMO.url}/api/import`, {
    data: await file.text(),
    headers: { 'content-type': 'application/json', origin: DEMO.url },
  });
  const { site } = (await made.json()) as { site: string };
  await page.goto(`${DEMO.url}/s/${site}/doors/D03/wire`);
  await ready(page);
  await expect(page).toHaveTitle('D03 Wire · Quillhaven Archive');
  // A finding that is settled hands over to the next one.
  const fix = verdicts(page).getByRole('button', { name: 'Latch F1' });
  await fix.focus();
  await page.keyboard.press('Enter');
  await expect(fix).toHaveCount(0);
  await expect.poll(() => focused(page)).not.toBe('nothing');
  expect(await page.evaluate(() => document.activeElement?.closest('[aria-label="Verdicts"]') !== null)).toBe(
    true,
  );
  await expect(page.getByRole('status').filter({ hasText: 'Nothing to fix on D03' })).toHaveCount(1);
  // Every dialog of the frame gives it back.
  for (const [open, dialog] of [
    ['Wire it', 'Wire this door'],
    ['Find a door, wire or person', 'Find'],
  ] as const) {
    const button = page.getByRole('button', { name: open }).first();
    await button.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog', { name: dialog })).toBeVisible();
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.closest('[role="dialog"]') !== null))
      .toBe(true);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(button).toBeFocused();
  }
  // A dialog that a menu led to gives it back to the menu's button.
  await page.goto(`${DEMO.url}/s/${site}/doors`);
  await ready(page);
  const more = page.getByRole('button', { name: 'More for D02' });
  await more.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Copy it…' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Copy D02' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(more).toBeFocused();
  // What is removed hands over to what is around it.
  await page.goto(`${DEMO.url}/s/${site}/people`);
  await ready(page);
  await page
    .getByRole('button', { name: /^Remove/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await expect.poll(() => focused(page)).not.toBe('nothing');
});

test('skip links are the first stops, and stations by number begin at their heading or first field', async ({
  page,
}) => {
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D02/wire`);
  await ready(page);
  await page.keyboard.press('Tab');
  expect(await focused(page)).toContain('To the sheet');
  await page.keyboard.press('Enter');
  expect(await focused(page)).toContain('h1');
  for (const [key, title] of [
    ['3', 'D02 Power'],
    ['4', 'D02 Prove'],
    ['7', 'D02 Test'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveTitle(`${title} · Quillhaven Archive`);
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.closest('main')?.tagName ?? 'none'))
      .toBe('MAIN');
  }
});
