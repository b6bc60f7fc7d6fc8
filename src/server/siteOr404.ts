import { findIn, type Door } from '#core/plan/index';
import type { Db } from './db/open';
import { damaged, HttpError } from './http';
import { liveSite, type LiveSite } from './sites/liveSite';

/** The site with this id, or a 404 that says so. */
export function siteOr404(db: Db, id: string | undefined): LiveSite {
  const live = liveSite(db, id ?? '');
  if (!live) throw new HttpError(404, 'no-site', `There is no site “${(id ?? '').slice(0, 100)}”.`);
  return live;
}

/** A door of a site, or a 404 that says so. */
export function doorOr404({ plan }: Pick<LiveSite, 'plan'>, id: string | undefined): Door {
  const door = findIn(plan.doors, id ?? '');
  if (!door) throw new HttpError(404, 'no-door', `There is no door “${(id ?? '').slice(0, 100)}”.`);
  return door;
}

/** The same where nothing of it is missing: what is worked out from what is left of a damaged file would prove nothing. */
export function wholeSite(db: Db, id: string | undefined): LiveSite {
  const live = siteOr404(db, id);
  if (Object.keys(live.damage?.lost ?? {}).length > 0) throw damaged();
  return live;
}
