import { chromium, type Page } from '@playwright/test';
import { chromiumPath } from './chromium.mjs';

/** Takes the pictures of docs/screenshots from a running demo: `npm run screenshots -- http://127.0.0.1:4321`. */
const url = process.argv[2] ?? 'http://127.0.0.1:4321';

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly phone?: boolean;
  readonly dark?: boolean;
  act?(page: Page): Promise<void>;
}

const tab = (name: string) => (page: Page) => page.getByRole('tab', { name }).click();

const SHOTS: readonly Shot[] = [
  { name: 'brief', path: 'doors/D04/brief' },
  {
    name: 'wire',
    path: 'doors/D03/wire',
    act: (page) => page.getByRole('button', { name: 'Card', exact: true }).click(),
  },
  {
    name: 'cause',
    path: 'doors/D06/wire',
    act: (page) => page.getByRole('button', { name: 'Show on the loop' }).click(),
  },
  { name: 'wire-dark', path: 'doors/D07/wire', dark: true },
  {
    name: 'hardware',
    path: 'doors/D12/wire',
    act: tab('Hardware'),
  },
  { name: 'diagram', path: 'doors/D09/wire', act: tab('Diagram') },
  { name: 'terminals', path: 'doors/D02/wire', act: tab('Terminals') },
  {
    name: 'access',
    path: 'people',
    act: async (page) => {
      await tab('Week')(page);
      await page.getByLabel('Week of').fill('2026-11-26');
    },
  },
  { name: 'wire-list', path: 'doors/D02/wire', act: tab('Wire list') },
  { name: 'sets', path: 'sets' },
  {
    name: 'types',
    path: 'types',
    act: async (page) => {
      await page.getByLabel('Duplicate from the library').selectOption('exit-touchless');
    },
  },
  { name: 'power', path: 'doors/D02/power' },
  { name: 'prove', path: 'doors/D03/prove' },
  { name: 'program', path: 'doors/D05/program' },
  {
    name: 'timing',
    path: 'doors/D14/timing',
    act: async (page) => {
      await page.getByRole('button', { name: /The last person leaves/ }).click();
      await page.getByRole('region', { name: 'Sheet', exact: true }).evaluate((sheet) => {
        sheet.scrollTop = 260;
      });
    },
  },
  { name: 'test', path: 'doors/D04/test' },
  { name: 'hand-over', path: 'doors/D02/hand-over' },
  {
    name: 'release',
    path: 'release',
    act: (page) => page.getByRole('button', { name: 'Controller hung' }).click(),
  },
  { name: 'at-the-door', path: 'doors/D04/test', phone: true },
];

const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const { name, path, phone, dark, act } of SHOTS) {
  const page = await browser.newPage({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: dark ? 'dark' : 'light',
  });
  await page.goto(`${url}/s/quillhaven/${path}`);
  await page.waitForSelector('html[data-alive]');
  await act?.(page);
  await page.waitForTimeout(1300);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
