import { Bench } from './bench/benchView';
import type { Route } from '../parts/route';
import { PAGE_VIEWS } from './SitePageView';
import { STATION_VIEWS } from './stationViews';
import { HardwareChoice } from '../stations/wire/hardwareChoiceView';
import { WireBar, WireEntry } from '../stations/wire/wireLineViews';

/** Fetches the view that a page opens on, so that the server draws it whole and no script has to put it in later. */
export async function preload(route: Route): Promise<void> {
  const view = route.kind === 'page' ? PAGE_VIEWS[route.page] : STATION_VIEWS[route.station];
  await view.preload();
  // The browser fetches the bench and the line to type wires behind the sheet, and what an empty door begins with only where a
  // door is empty; the server draws all.
  if (route.kind === 'door' && typeof window === 'undefined')
    await Promise.all([HardwareChoice, Bench, WireEntry, WireBar].map((view) => view.preload()));
}
