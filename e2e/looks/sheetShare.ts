import type { Page } from '@playwright/test';

/** Share of the screen's height at which the sheet is what a finger would touch. */
export const shareOfSheet = (page: Page): Promise<number> =>
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

/** Share of the height that the sheet has once it is scrolled to: what else stays on the screen takes no more. */
const LEAST = 0.6;

/** What is wrong with a page at these sizes: something runs off the side, or the sheet has no room. */
export async function cramped(
  page: Page,
  sizes: readonly { readonly width: number; readonly height: number }[],
): Promise<string[]> {
  const wrong: string[] = [];
  for (const { width, height } of sizes) {
    await page.setViewportSize({ width, height });
    // What is laid out by its own size is drawn anew in the next frame.
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
    );
    const across = await page.evaluate(() => document.documentElement.scrollWidth);
    if (across > width) wrong.push(`${width} × ${height}: ${across} px across`);
    const share = await shareOfSheet(page);
    if (share < LEAST)
      wrong.push(`${width} × ${height}: the sheet has ${Math.round(share * 100)} % of the height`);
  }
  return wrong;
}
