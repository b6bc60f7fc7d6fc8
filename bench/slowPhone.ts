import type { Browser } from '@playwright/test';

/** A page as a slow phone gets it: what it took, in ms, bytes over the wire and share of the screen that moved. */
export interface SlowLoad {
  /** Until the page can be turned over and read, and until edits can be made. */
  readonly standing: number;
  readonly alive: number;
  /** Bytes that came over the wire until then, and until nothing more came. */
  readonly bytesToStanding: number;
  readonly bytes: number;
  /** Cumulative layout shift. */
  readonly shift: number;
}

/** Source: what the trade's phones in a riser are taken for: a quarter of a desk's speed, 1.6 Mbit/s, 150 ms there and back. */
export const SLOW = { cpu: 4, bytesPerSecond: 200_000, latency: 150 } as const;

/** Loads an address for the first time on a slow phone. */
export async function slowLoad(browser: Browser, url: string): Promise<SlowLoad> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    deviceScaleFactor: 2,
    isMobile: true,
    hasTouch: true,
  });
  try {
    const page = await context.newPage();
    const cdp = await context.newCDPSession(page);
    await cdp.send('Network.enable');
    await cdp.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: SLOW.latency,
      downloadThroughput: SLOW.bytesPerSecond,
      uploadThroughput: SLOW.bytesPerSecond,
    });
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOW.cpu });
    let bytes = 0;
    cdp.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength));
    await page.addInitScript(() => {
      const at = window as unknown as { shift: number; standing: number; alive: number };
      at.shift = 0;
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries() as unknown as { value: number; hadRecentInput: boolean }[])
          if (!entry.hadRecentInput) at.shift += entry.value;
      }).observe({ type: 'layout-shift', buffered: true });
      new MutationObserver(() => {
        const { standing, alive } = document.documentElement.dataset;
        if (standing !== undefined) at.standing ??= performance.now();
        if (alive !== undefined) at.alive ??= performance.now();
      }).observe(document, { attributes: true, subtree: true });
    });
    await page.goto(url, { waitUntil: 'commit' });
    await page.waitForSelector('html[data-standing]', { timeout: 60_000 });
    await page.waitForSelector('html[data-alive]', { timeout: 60_000 });
    await page.waitForTimeout(4000);
    const at = await page.evaluate(() => {
      const { shift, standing, alive } = window as unknown as Record<'shift' | 'standing' | 'alive', number>;
      const entries = [
        ...performance.getEntriesByType('navigation'),
        ...performance.getEntriesByType('resource'),
      ];
      const bytesToStanding = (entries as PerformanceResourceTiming[])
        .filter(({ responseEnd }) => responseEnd <= standing)
        .reduce((sum, { transferSize }) => sum + transferSize, 0);
      return { shift, standing, alive, bytesToStanding };
    });
    return { ...at, bytes };
  } finally {
    await context.close();
  }
}
