import { emptyPlan } from '#core/plan/index';
import { say } from '#words/server/homeSite';
import type { Db } from './db/open';
import { createSite, listSites } from './sites/siteList';

/** The site to open first. A server without any makes an empty one, so that there is always a place to begin. */
export function homeSite(db: Db): string {
  const first = listSites(db)[0];
  return (
    first?.id ?? createSite(db, emptyPlan('site', say.newSite), { author: '', at: new Date().toISOString() })
  );
}
