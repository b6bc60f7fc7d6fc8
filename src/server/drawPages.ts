import { createElement } from 'react';
import { renderToString } from 'react-dom/server';
import { doorsInOrder, type Plan } from '#core/plan/index';
import { STATIONS } from '#core/checks/stations';
import { judge, summarise } from '#core/verdict/index';
import { App } from '../app/App';
import { preload } from '../app/preload';
import { routePath, SITE_PAGES, type Route } from '../parts/route';
import { doorDiagram } from './diagram';
import { doorPack } from './pack';
import { typesUsed } from '#core/plan/index';
import { pageOfDoor, pageOfSite } from './pagePlan';

/**
 * Draws every page of a site as the server does, the diagram and the pack of its first door with them. Throws where one
 * cannot be drawn. For tests: a page is asked for one at a time otherwise.
 */
export async function drawPages(plan: Plan): Promise<void> {
  const doors = doorsInOrder(plan);
  const [first] = doors;
  const summaries = doors.map(({ id }) => summarise(plan, id));
  const routes: Route[] = [
    ...SITE_PAGES.map((page): Route => ({ kind: 'page', page })),
    ...STATIONS.map((station): Route => ({ kind: 'door', door: first?.id ?? null, station })),
  ];
  for (const route of routes) {
    await preload(route);
    const path = routePath(plan.site.id, route).split('/').slice(3).join('/');
    const judgement = first && route.kind === 'door' ? judge(plan, first.id) : null;
    const page = first && route.kind === 'door' ? pageOfDoor(plan, first.id) : pageOfSite(plan);
    const html = renderToString(
      createElement(App, {
        ...page,
        types: typesUsed(page.plan),
        revision: 1,
        sites: [{ id: plan.site.id, name: plan.site.name }],
        summaries,
        judgement,
        path,
        who: '',
      }),
    );
    if (html.length < 500) throw new Error(`${path} is empty`);
  }
  if (!first) return;
  await doorDiagram(plan, first);
  await doorPack(plan, first, new Date('2026-11-24T10:00:00Z'));
}
