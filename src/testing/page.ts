import { createElement } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterAll, afterEach, test as plainTest, vi } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import type { Plan } from '#core/plan/index';
import { onlyDoors } from '../../core/specimens/onlyDoors';
import { App } from '../app/App';
import { preload } from '../app/preload';
import { parseRoute } from '../parts/route';
import { hands, Locator, press, typeText, until } from './locator';
import { beginServer, givenFor, serve } from './serve';
import { furnish } from './shims';

import { expect } from './expect';

export { expect };
export type { Locator } from './locator';

/** A page of the application in a document without a screen, over the real server in memory. */
export class Page extends Locator {
  readonly isPage = true;
  readonly keyboard = { press, type: typeText };
  private root: Root | null = null;

  constructor() {
    super('');
  }
  /** Opens an address of the site's own, as `doors/D03/wire`, or one from the root of the server. */
  async goto(address: string): Promise<void> {
    if (!hasBegun) begin(demo);
    this.close();
    const url = new URL(address, location.href);
    history.replaceState(null, '', url.pathname + url.search + url.hash);
    const [, , site = '', ...rest] = url.pathname.split('/');
    const path = rest.join('/');
    const route = parseRoute(path);
    if (route) await preload(route);
    const place = document.body.appendChild(document.createElement('div'));
    this.root = createRoot(place);
    this.root.render(createElement(App, givenFor(decodeURIComponent(site), path)));
    await until('the page comes alive', () => document.querySelector('html[data-alive]'));
  }
  reload = () => this.goto(location.href);
  url = () => location.href;
  close(): void {
    this.root?.unmount();
    this.root = null;
    document.body.replaceChildren();
    for (const { name } of [...document.documentElement.attributes])
      document.documentElement.removeAttribute(name);
  }
  async waitForSelector(selector: string): Promise<void> {
    await until(selector, () => document.querySelector(selector));
  }
  readonly request = {
    get: async (address: string) => answered(await serve(address)),
    post: async (address: string, { data }: Sent) =>
      answered(
        await serve(address, {
          method: 'POST',
          body: typeof data === 'string' ? data : JSON.stringify(data),
          headers: { 'content-type': 'application/json' },
        }),
      ),
  };
  paste = (text: string) => hands.paste(text);
}

interface Sent {
  readonly data: unknown;
  /** The server has no doors to guard here. */
  readonly headers?: Readonly<Record<string, string>>;
}
const answered = (response: Response) => ({
  status: () => response.status,
  text: () => response.text(),
  json: () => response.json() as Promise<unknown>,
});

const page = new Page();

/** Begins anew: a server with this site, a tab that has stored nothing. Gives back the name of the site there. */
export function begin(plan: Plan): string {
  page.close();
  localStorage.clear();
  sessionStorage.clear();
  hasBegun = true;
  return beginServer(plan);
}
let hasBegun = false;
const demo = quillhaven();

/** Opens a door of a site and waits until the page answers. */
export const openDoor = (at: Page, door: string, station = 'wire', site = 'quillhaven'): Promise<void> =>
  at.goto(`/s/${site}/doors/${door}/${station}`);

/** A test of a page over a server of its own; the demo site is in it unless the test says otherwise. */
type Run = (given: { readonly page: Page }) => Promise<void>;
export const test = (name: string, run: Run): void =>
  plainTest(name, async () => {
    furnish();
    hasBegun = false;
    await run({ page });
  });
afterEach(() => page.close());
// What a page began to fetch or to draw behind its back comes before the document goes.
afterAll(async () => {
  await vi.dynamicImportSettled();
  await new Promise((go) => setTimeout(go, 100));
});

/** The demo site, of which this test may change anything; where doors are named, with those alone. */
export const ownCopy = (_: Page, ...doors: string[]): Promise<string> =>
  Promise.resolve(begin(doors.length === 0 ? demo : onlyDoors(demo, doors)));
export const saved = (at: Page): Promise<void> =>
  expect(at.locator('header').getByText('Saved', { exact: true })).toBeVisible();

let sent = 0;
/** Somebody else changes the site. */
export async function elsewhere(_: Page, site: string, edit: object): Promise<void> {
  const { revision } = (await (await serve(api(site))).json()) as { revision: number };
  const edits = [{ id: `elsewhere-${(sent += 1)}`, edit }];
  const answer = await page.request.post(api(site, '/edits'), {
    data: { base: revision, author: 'Haru', edits },
  });
  const body = (await answer.json()) as { answers: { code: string }[] };
  expect(body.answers.map(({ code }) => code)).toEqual(['kept']);
}
export const api = (site: string, path = '') => `/api/sites/${site}${path}`;
export const bench = (at: Page): Locator => at.getByRole('region', { name: 'Bench' });
export const verdicts = (at: Page): Locator => at.getByRole('region', { name: 'Verdicts' });
