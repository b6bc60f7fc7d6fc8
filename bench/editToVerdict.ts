import { chromium, type Page } from '@playwright/test';
import type { Plan } from '#core/plan/index';
import { chromiumPath } from '../scripts/chromium.mjs';
import { startServer } from './startServer';

/** Chromium as the browser tests start it. */
export const launch = () =>
  chromium.launch({
    executablePath: chromiumPath(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });

/** The server has judged every door of the site. */
async function judged(url: string, site: string): Promise<void> {
  for (let [known, pending] = [0, 1]; pending > 0;) {
    const answer = await fetch(`${url}/api/sites/${site}/summaries?known=${known}`);
    const body = (await answer.json()) as { summaries: unknown[]; pending: number };
    [known, pending] = [body.summaries.length, body.pending];
  }
}

/**
 * From a change in a field of the Power station to its verdict on the screen, in the real browser, in ms. The first change comes
 * `after` so many ms; with `known` the server knows the site by then, as one that runs does.
 */
export async function editToVerdict(
  plan: Plan,
  door: string,
  wire: string,
  { count, after = 3000, known = false }: { count: number; after?: number; known?: boolean },
): Promise<number[]> {
  const server = await startServer(plan);
  if (known) await judged(server.url, plan.site.id);
  const browser = await launch();
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${server.url}/s/${plan.site.id}/doors/${door}/power`);
    await page.waitForSelector('html[data-alive]');
    // A station's own parts come after the page, and later still for a large site.
    await page.waitForSelector(`select[aria-label="Size of ${wire}"]`);
    await page.waitForTimeout(after);
    const samples: number[] = [];
    for (let i = 0; i < count; i += 1) {
      samples.push(await oneEdit(page, wire, i % 2 === 0 ? '1.5mm2' : '1mm2'));
      await page.waitForTimeout(60);
    }
    return samples;
  } finally {
    await browser.close();
    server.stop();
  }
}

/** Chooses another size for a wire as a person's hand would, and waits for the verdict that judges it. */
const oneEdit = (page: Page, wire: string, gauge: string): Promise<number> =>
  page.evaluate(
    ({ label, value }) =>
      new Promise<number>((resolve) => {
        const select = document.querySelector<HTMLSelectElement>(`select[aria-label="${label}"]`);
        const margin = document.querySelector<HTMLElement>('[data-verdict-version]');
        if (!select || !margin) throw new Error('the Power station is not there');
        const before = margin.dataset['verdictVersion'];
        const observer = new MutationObserver(() => {
          if (margin.dataset['verdictVersion'] === before) return;
          observer.disconnect();
          resolve(performance.now() - start);
        });
        observer.observe(margin, { attributes: true });
        const start = performance.now();
        const setter = Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value')?.set;
        setter?.call(select, value);
        select.dispatchEvent(new Event('change', { bubbles: true }));
      }),
    { label: `Size of ${wire}`, value: gauge },
  );
