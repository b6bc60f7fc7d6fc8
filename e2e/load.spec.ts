import { expect, test } from '@playwright/test';
import { ready } from './help';
import { DEMO } from './servers';

declare global {
  interface Window {
    shifted: number;
  }
}

for (const station of ['wire', 'prove', 'power', 'test']) {
  test(`nothing moves while ${station} loads`, async ({ page }) => {
    await page.addInitScript(() => {
      window.shifted = 0;
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries())
          window.shifted += (entry as unknown as { value: number }).value;
      }).observe({ type: 'layout-shift', buffered: true });
    });
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
    await page.goto(`${DEMO.url}/s/quillhaven/doors/D03/${station}`);
    await ready(page);
    await page.waitForTimeout(1500);
    expect(await page.evaluate(() => window.shifted)).toBeLessThan(0.02);
    // Nor does the page complain: the server's picture and the browser's are the same.
    expect(faults).toEqual([]);
  });
}
