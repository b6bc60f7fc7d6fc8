import { expect, test } from '@playwright/test';
import { LIBRARY } from '#core/devices/library/index';
import { ready, routesOf } from './help';
import { spilling, untranslated } from './looks/untranslated';
import { PSEUDO } from './servers';

test.describe.configure({ mode: 'parallel' });

/** Every text in something, however deep. */
const textsIn = (value: unknown): string[] =>
  typeof value === 'string'
    ? [value]
    : typeof value === 'object' && value !== null
      ? [...Object.keys(value), ...Object.values(value).flatMap(textsIn)]
      : [];

const [HALF, OTHER] = [0, 1].map((half) => routesOf('D05').filter((_, index) => index % 2 === half));

for (const routes of [HALF!, OTHER!])
  test(`${routes.join(', ')}: no sentence stands outside the catalogue, and longer ones have room`, async ({
    page,
  }) => {
    test.setTimeout(120_000);
    const site = (await (
      await page.request.get(`${PSEUDO.url}/api/sites/quillhaven/export.json`)
    ).json()) as unknown;
    const data = [...textsIn(site), ...textsIn(LIBRARY), 'demo'];
    for (const path of routes) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(`${PSEUDO.url}/s/quillhaven/${path}`);
      await ready(page);
      expect.soft(await page.locator('html').getAttribute('lang')).toBe('en-XA');
      expect.soft(await untranslated(page, data), path).toEqual([]);
      for (const width of [1280, 390]) {
        await page.setViewportSize({ width, height: 800 });
        expect.soft(await spilling(page), `${path}, ${width} px`).toEqual([]);
        const across = await page.evaluate(() => document.documentElement.scrollWidth);
        expect.soft(across, `${path}, ${width} px`).toBeLessThanOrEqual(width);
      }
    }
  });
