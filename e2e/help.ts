import { expect, type Locator, type Page } from '@playwright/test';
import { STATIONS } from '#core/checks/stations';
import { writeAldaba } from '#core/formats/index';
import { quillhaven } from '#demo/quillhaven';
import { onlyDoors } from '../core/specimens/onlyDoors';
import { SITE_PAGES } from '../src/parts/route';
import { DEMO } from './servers';

/** Opens a door of the demo site and waits until the page answers. */
export async function openDoor(
  page: Page,
  door: string,
  station = 'wire',
  site = 'quillhaven',
): Promise<void> {
  await page.goto(`${DEMO.url}/s/${site}/doors/${door}/${station}`);
  await ready(page);
}

/** The page has come alive: its island is hydrated. */
export async function ready(page: Page): Promise<void> {
  await expect(page.locator('html[data-alive]')).toHaveCount(1);
}

export const bench = (page: Page): Locator => page.getByRole('region', { name: 'Bench' });
export const verdicts = (page: Page): Locator => page.getByRole('region', { name: 'Verdicts' });
export const saved = (page: Page) =>
  expect(page.locator('header').getByText('Saved', { exact: true })).toBeVisible();

/** A copy of the demo site of its own, so that a test may change anything; where doors are named, of those alone. */
export async function ownCopy(page: Page, ...doors: string[]): Promise<string> {
  const plan = doors.length === 0 ? quillhaven() : onlyDoors(quillhaven(), doors);
  const imported = await page.request.post(`${DEMO.url}/api/import`, {
    data: JSON.stringify(writeAldaba(plan, { secrets: true })),
    headers: { 'content-type': 'application/json', origin: DEMO.url },
  });
  expect(imported.status()).toBe(201);
  const { site } = (await imported.json()) as { site: string };
  return site;
}

/** An endpoint of a site of the demo server. */
export const api = (site: string, path = '') => `${DEMO.url}/api/sites/${site}${path}`;

let sent = 0;
/** Somebody else changes the site. */
export async function elsewhere(page: Page, site: string, edit: object): Promise<void> {
  const { revision } = (await (await page.request.get(api(site))).json()) as { revision: number };
  const answer = await page.request.post(api(site, '/edits'), {
    data: { base: revision, author: 'Haru', edits: [{ id: `elsewhere-${(sent += 1)}`, edit }] },
    headers: { origin: DEMO.url },
  });
  const body = (await answer.json()) as { answers: { code: string }[] };
  expect(body.answers.map(({ code }) => code)).toEqual(['kept']);
}

/** Every route of a site: the stations of one door, and the site's own pages. */
export const routesOf = (door: string): string[] => [
  ...STATIONS.map((station) => `doors/${door}/${station}`),
  ...SITE_PAGES,
];
