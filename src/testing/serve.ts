import type { APIContext } from 'astro';
import { know } from '#core/devices/index';
import { doorsInOrder, findIn, typesUsed, type Plan } from '#core/plan/index';
import { judge, summarise } from '#core/verdict/index';
import type { App } from '../app/App';
import { parseRoute } from '../parts/route';
import { onChange } from '../server/changes';
import { openDatabase } from '../server/db/open';
import { closeDatabase, database } from '../server/db/shared';
import { makeJudges } from '../server/judging/judges';
import { inPlace } from '../server/judging/shared';
import { pageOfDoor, pageOfSite } from '../server/pagePlan';
import { createSite, listSites } from '../server/sites/siteList';
import { liveSite } from '../server/sites/liveSite';

type Handlers = Partial<Record<string, (context: APIContext) => Promise<Response>>>;

/** The server's own endpoints by the pattern of their address. */
const ENDPOINTS = Object.entries(import.meta.glob<Handlers>('../pages/api/**/*.ts')).map(([file, load]) => {
  const path = file.replace('../pages', '').replace(/(\/index)?\.ts$/, '');
  const names = [...path.matchAll(/\[(?:\.\.\.)?(\w+)\]/g)].map(([, name]) => name!);
  const pattern = new RegExp(
    `^${path
      .replaceAll('.', '\\.')
      .replace(/\[\\\.\\\.\\\.\w+\]/g, '.*')
      .replace(/\[\w+\]/g, '([^/]+)')}$`,
  );
  return { pattern, names, load, isCatchAll: path.includes('[...') };
});
ENDPOINTS.sort((a, b) => Number(a.isCatchAll) - Number(b.isCatchAll));

/** A server in memory with this site in it, judging in the thread of the test; the name that the site has there. */
export function beginServer(plan: Plan): string {
  closeDatabase();
  Object.assign(globalThis, {
    [Symbol.for('aldaba.database')]: openDatabase(':memory:'),
    [Symbol.for('aldaba.judges')]: makeJudges(inPlace),
  });
  return createSite(database(), plan, { author: 'demo', at: '2026-11-24T10:00:00.000Z' });
}

/** Answers a request as the server does, without a network. */
export async function serve(address: string | URL, init: RequestInit = {}): Promise<Response> {
  const url = new URL(String(address), 'http://127.0.0.1');
  const { signal: _, ...rest } = init;
  for (const { pattern, names, load } of ENDPOINTS) {
    const found = pattern.exec(url.pathname);
    if (!found) continue;
    const handler = (await load())[init.method ?? 'GET'];
    if (!handler) break;
    const params = Object.fromEntries(
      names.map((name, at) => [name, decodeURIComponent(found[at + 1] ?? '')]),
    );
    const request = new Request(url, rest);
    return handler({
      params,
      url,
      request,
      locals: { who: '', codes: true, session: '' },
    } as unknown as APIContext);
  }
  return new Response(JSON.stringify({ error: { code: 'nothing', message: url.pathname } }), { status: 404 });
}

/** Hears of every change of a site as an open page does. */
export class EventsInPlace {
  static readonly CLOSED = 2;
  readyState = 1;
  private readonly stop: () => void;
  private readonly listeners: Record<string, ((event: { data: string }) => void)[]> = {};
  constructor(address: string) {
    const site = decodeURIComponent(/sites\/([^/]+)\/events/.exec(address)?.[1] ?? '');
    this.stop = onChange(site, (revision) => this.say('message', String(revision)));
    setTimeout(() => this.say('open', ''));
  }
  addEventListener(type: string, listener: (event: { data: string }) => void): void {
    (this.listeners[type] ??= []).push(listener);
  }
  close(): void {
    this.readyState = 2;
    this.stop();
  }
  private say(type: string, data: string): void {
    if (this.readyState !== 2) for (const one of this.listeners[type] ?? []) one({ data });
  }
}

/** Summaries of a site as it was imported: most tests open the same one. */
const imported = new Map<string, Given['summaries']>();
const summariesOf = (plan: Plan) => doorsInOrder(plan).map(({ id }) => summarise(plan, id));

type Given = Parameters<typeof App>[0];

/** What a page of a site is drawn from, as the server gives it. */
export function givenFor(site: string, path: string): Given {
  const { plan, revision } = liveSite(database(), site)!;
  know(typesUsed(plan));
  const route = parseRoute(path);
  const doors = doorsInOrder(plan);
  const open = route?.kind === 'door' ? findIn(plan.doors, route.door ?? doors[0]?.id ?? '') : undefined;
  const page = open ? pageOfDoor(plan, open.id) : pageOfSite(plan);
  const first = JSON.stringify([plan.site.id, Object.keys(plan.doors), Object.keys(plan.conductors)]);
  if (revision === 1 && !imported.has(first)) imported.set(first, summariesOf(plan));
  return {
    ...page,
    types: typesUsed(page.plan),
    revision,
    sites: listSites(database()),
    summaries: (revision === 1 ? imported.get(first) : undefined) ?? summariesOf(plan),
    judgement: open ? judge(plan, open.id) : null,
    path,
    who: '',
  };
}
