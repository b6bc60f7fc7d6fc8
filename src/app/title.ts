import type { DoorId } from '#core/plan/index';
import { STATION_NAMES } from '#words/findings/index';
import { say } from '#words/app/title';
import { PAGE_NAMES, type Route } from '../parts/route';

/** What the browser, and whoever listens, call a page: `D03 Wire · Quillhaven Archive`. */
export function titleOf(route: Route, site: string, door: DoorId | null): string {
  const here =
    route.kind === 'page'
      ? PAGE_NAMES[route.page]
      : door === null
        ? say.doors
        : `${door} ${STATION_NAMES[route.station]}`;
  return `${here} · ${site}`;
}
