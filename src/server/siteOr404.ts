import type { Db } from './db/open';
import { loadPlan, type StoredPlan } from './db/planRepository';
import { HttpError } from './http';

/** The site with this id, or a 404 that says so. */
export function siteOr404(db: Db, id: string | undefined): StoredPlan {
  const stored = loadPlan(db, id ?? '');
  if (!stored) throw new HttpError(404, 'no-site', `There is no site “${id ?? ''}”.`);
  return stored;
}
