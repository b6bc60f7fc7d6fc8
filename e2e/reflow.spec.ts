import { expect, test, type Page } from '@playwright/test';
import { ready, routesOf } from './help';
import { DEMO } from './servers';

const ROUTES = routesOf('D04');
/** At 400 %, a phone, a phone lying down, a laptop. */
const SIZES = [
  { width: 320, height: 256 },
  { width: 390, height: 844 },
  { width: 844, height: 390 },
  { width: 1280, height: 800 },
] as const;
/** Share of the height that the sheet has once it is scrolled to: what else stays on the screen takes no more. */
const LEAST = 0.6;

/** Share of the screen's height at which the sheet is what a finger would touch. */
const shareOfSheet = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const main = document.querySelector('main')!;
    const inner = main.querySelector<HTMLElement>('[role="region"][aria-label="Sheet"]');
    const sheet = inner?.parentElement ?? main;
    sheet.scrollIntoView({ block: 'start' });
    const header = document.querySelector('header')!.getBoundingClientRect();
    window.scrollBy(0, -header.bottom);
    const steps = 60;
    let hit = 0;
    const box = sheet.getBoundingClientRect();
    const x = Math.min(innerWidth - 8, Math.max(box.left + 12, 12));
    for (let n = 0; n < steps; n += 1) {
      const at = document.elementFromPoint(x, ((n + 0.5) / steps) * innerHeight);
      if (at && sheet.contains(at)) hit += 1;
    }
    return hit / steps;
  });

for (const { width, height } of SIZES) {
  test(`every route has a usable sheet and nothing off the side at ${width} × ${height}`, async ({
    page,
  }) => {
    test.setTimeout(150_000);
    await page.setViewportSize({ width, height });
    const wrong: string[] = [];
    for (const route of ROUTES) {
      await page.goto(`${DEMO.url}/s/quillhaven/${route}`);
      await ready(page);
      const across = await page.evaluate(() => document.documentElement.scrollWidth);
      if (across > width) wrong.push(`${route}: ${across} px across`);
      const share = await shareOfSheet(page);
      if (share < LEAST) wrong.push(`${route}: the sheet has ${Math.round(share * 100)} % of the height`);
    }
    expect(wrong).toEqual([]);
  });
}

test('at 400 % every page and every act is still reached', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 256 });
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D03/wire`);
  await ready(page);
  await page.getByRole('button', { name: 'Doors', exact: true }).click();
  await page.getByRole('list', { name: 'Pages of the site' }).getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await page.goto(`${DEMO.url}/s/quillhaven/doors/D03/wire`);
  await ready(page);
  await page.getByRole('button', { name: 'Verdicts: 1 to settle' }).click();
  await expect(page.getByRole('button', { name: 'Latch F1' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Bench', exact: true }).click();
  await page.getByRole('button', { name: 'Exit', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Bench' })).toContainText('Free');
});
