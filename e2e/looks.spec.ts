import { expect, test, type Page } from '@playwright/test';
import { ready, routesOf } from './help';
import { missingNames } from './looks/semantics';
import { cramped } from './looks/sheetShare';
import { tooSmall } from './looks/targets';
import { wcagFaults } from './looks/wcag';
import { DEMO } from './servers';

test.describe.configure({ mode: 'parallel' });

const ROUTES = routesOf('D05');
const SHEET = 'main [role="region"][aria-label="Sheet"], main:not(:has([aria-label="Sheet"]))';
/** Doors whose demo state draws what the others do not, and what presses bring up, one after the other. */
const MORE: readonly {
  readonly path: string;
  readonly press?: 'tab' | 'button';
  readonly names?: string[];
}[] = [
  { path: 'doors/D03/wire' },
  { path: 'doors/D07/prove' },
  { path: 'doors/D08/wire' },
  {
    path: 'doors/D05/wire',
    press: 'tab',
    names: ['Diagram', 'Terminals', 'Cables', 'Wire list', 'Hardware', 'Settings'],
  },
  { path: 'types', press: 'button', names: ['New type'] },
];

/** From here on the page is touched, which makes what it shows larger; it is looked at from its top. */
async function byFinger(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setTouchEmulationEnabled', { enabled: true, maxTouchPoints: 5 });
  await page.waitForFunction(() => matchMedia('(pointer: coarse)').matches);
  await page.evaluate(() => window.scrollTo(0, 0));
}

test.describe('every view', () => {
  /** A laptop, a phone lying down, a phone, and 400 %. */
  const SIZES = [
    { width: 1280, height: 800 },
    { width: 844, height: 390 },
    { width: 390, height: 844 },
    { width: 320, height: 256 },
  ];
  const FINGER_SIZES = [
    { width: 390, height: 844 },
    { width: 320, height: 844 },
  ];
  for (const path of ROUTES) {
    test(`${path}: nothing WCAG forbids, every name, targets of 24 px, 44 with a finger, nothing off the side`, async ({
      page,
    }) => {
      await page.goto(`${DEMO.url}/s/quillhaven/${path}`);
      await ready(page);
      expect.soft(await missingNames(page)).toEqual([]);
      expect.soft(await tooSmall(page, 24)).toEqual([]);
      expect.soft(await wcagFaults(page)).toEqual([]);
      expect.soft(await cramped(page, SIZES)).toEqual([]);
      await byFinger(page);
      await page.setViewportSize({ width: 390, height: 844 });
      expect.soft(await tooSmall(page, 44)).toEqual([]);
      expect.soft(await cramped(page, FINGER_SIZES)).toEqual([]);
    });
  }
  for (const { path, press, names } of MORE) {
    test(`${path}${names ? `, ${names.join(', ')}` : ''}: nothing WCAG forbids`, async ({ page }) => {
      // Each view is looked at in full, and there are up to seven.
      test.setTimeout(60_000 * Math.max(1, names?.length ?? 1));
      await page.goto(`${DEMO.url}/s/quillhaven/${path}`);
      await ready(page);
      for (const name of names ?? [null]) {
        if (press && name) await page.getByRole(press, { name }).click();
        await expect(page.getByText(/^(One moment|Laying out)/)).toHaveCount(0);
        // What stands around the sheet was looked at above.
        expect.soft(await wcagFaults(page, SHEET), name ?? path).toEqual([]);
      }
    });
  }
});
