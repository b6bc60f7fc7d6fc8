import { eq } from 'drizzle-orm';
import { emptyPlan, type Plan } from '#core/plan/index';
import type { Db, Reader } from '../db/open';
import { savePlan } from '../db/planRepository';
import * as schema from '../db/schema';
import { forget } from './liveSite';

export const listSites = (db: Reader): { id: string; name: string }[] =>
  db
    .select({ id: schema.sites.id, name: schema.sites.name })
    .from(schema.sites)
    .orderBy(schema.sites.name)
    .all();

/** Puts a whole plan in as a new site, under an id that is free. Returns the id it got. */
export function createSite(db: Db, plan: Plan, { author, at }: { author: string; at: string }): string {
  return db.transaction(
    (tx) => {
      const id = freeSiteId(tx, plan.site.id);
      const stored: Plan = { ...plan, site: { ...plan.site, id } };
      forget(db, id);
      tx.insert(schema.sites)
        .values({ ...stored.site, revision: 0 })
        .run();
      savePlan(tx, emptyPlan(id, stored.site.name), stored, 1);
      const body = { kind: 'createSite', name: stored.site.name, doors: Object.keys(stored.doors).length };
      tx.insert(schema.edits).values({ site: id, revision: 1, at, author, doors: [], body }).run();
      return id;
    },
    { behavior: 'immediate' },
  );
}

/** Takes a site out with everything in it, log included. False where there is none. */
export function removeSite(db: Db, id: string): boolean {
  const { changes } = db.delete(schema.sites).where(eq(schema.sites.id, id)).run();
  forget(db, id);
  return changes > 0;
}

function freeSiteId(db: Reader, wish: string): string {
  const taken = new Set(listSites(db).map((site) => site.id));
  let id = wish;
  for (let n = 2; taken.has(id); n += 1) id = `${wish.slice(0, 50)}-${n}`;
  return id;
}
