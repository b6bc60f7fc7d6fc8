import { chromium } from 'playwright';
import { chromiumPath } from '../scripts/chromium.mjs';
const [base, dir, theme, ...list] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox'] });
for (const item of list) {
  const [path, w, h] = item.split('@');
  const page = await browser.newPage({ viewport: { width: Number(w ?? 1280), height: Number(h ?? 800) }, colorScheme: theme as 'light' });
  await page.goto(`${base}/s/quillhaven/${path}`);
  await page.locator('html[data-alive]').waitFor();
  await page.waitForTimeout(800);
  await page.screenshot({ path: `${dir}/${path!.replaceAll('/', '-')}-${w ?? 1280}.png` });
  const wide = await page.evaluate(() => { const out: string[] = []; for (const e of document.querySelectorAll('body *')) { const r = e.getBoundingClientRect(); if (r.right > innerWidth + 1 && r.width > 0) out.push(e.tagName + '.' + (e as HTMLElement).className + ' ' + Math.round(r.right)); } return out.slice(0, 12); });
  console.log(path, w, wide);
  await page.close();
}
await browser.close();
