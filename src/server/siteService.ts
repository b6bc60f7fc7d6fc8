import { desc, eq, gt, and } from 'drizzle-orm';
import { applyEdit, emptyPlan, deviceOf, type Edit, type EditRefusal, type Plan } from '#core/plan/index';
import { redact } from './redact';
import type { Db } from './db/open';
import { loadPlan, savePlan, type StoredPlan } from './db/planRepository';
import * as schema from './db/schema';

/** One line of the log. */
export interface LoggedEdit {
  readonly revision: number;
  readonly at: string;
  readonly author: string;
  readonly doors: readonly string[];
  readonly body: unknown;
}

export type SubmitResult =
  | { readonly ok: true; readonly revision: number }
  | { readonly ok: false; readonly code: 'no-site' }
  /** Somebody else changed the site: what changed, and how it stands now. */
  | {
      readonly ok: false;
      readonly code: 'stale';
      readonly current: StoredPlan;
      readonly missed: readonly LoggedEdit[];
    }
  | { readonly ok: false; readonly code: 'refused'; readonly index: number; readonly refusal: EditRefusal };

export interface Submission {
  readonly base: number;
  readonly edits: readonly Edit[];
  readonly author: string;
  /** ISO 8601. */
  readonly at: string;
}

/** Applies edits to a site in one transaction: all of them, or none. Each gets a revision and a line in the log. */
export function submitEdits(db: Db, site: string, { base, edits, author, at }: Submission): SubmitResult {
  return db.transaction(
    (tx): SubmitResult => {
      const current = loadPlan(tx, site);
      if (!current) return { ok: false, code: 'no-site' };
      if (current.revision !== base) {
        return { ok: false, code: 'stale', current, missed: editsSince(tx, site, base) };
      }
      let plan = current.plan;
      for (const [index, edit] of edits.entries()) {
        const result = applyEdit(plan, edit);
        if (!result.ok) return { ok: false, code: 'refused', index, refusal: result.refusal };
        tx.insert(schema.edits)
          .values({
            site,
            revision: base + index + 1,
            at,
            author,
            doors: doorsTouched(plan, edit),
            body: redact(edit),
          })
          .run();
        plan = result.plan;
      }
      const revision = base + edits.length;
      savePlan(tx, current.plan, plan, revision);
      return { ok: true, revision };
    },
    { behavior: 'immediate' },
  );
}

type Reader = Pick<Db, 'select'>;

/** Log lines after a revision, oldest first. */
export function editsSince(db: Reader, site: string, revision: number): LoggedEdit[] {
  const { site: at, revision: number } = schema.edits;
  return db
    .select()
    .from(schema.edits)
    .where(and(eq(at, site), gt(number, revision)))
    .orderBy(number)
    .limit(500)
    .all();
}

/** The newest log lines, newest first. */
export function recentEdits(db: Reader, site: string, limit: number): LoggedEdit[] {
  return db
    .select()
    .from(schema.edits)
    .where(eq(schema.edits.site, site))
    .orderBy(desc(schema.edits.revision))
    .limit(limit)
    .all();
}

export const listSites = (db: Reader): { id: string; name: string }[] =>
  db
    .select({ id: schema.sites.id, name: schema.sites.name })
    .from(schema.sites)
    .orderBy(schema.sites.name)
    .all();

/** Puts a whole plan in as a new site, under an id that is free. Returns the id it got. */
export function createSite(db: Db, plan: Plan, { author, at }: Pick<Submission, 'author' | 'at'>): string {
  return db.transaction(
    (tx) => {
      const id = freeSiteId(tx, plan.site.id);
      const stored: Plan = { ...plan, site: { ...plan.site, id } };
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

function freeSiteId(db: Reader, wish: string): string {
  const taken = new Set(listSites(db).map((site) => site.id));
  let id = wish;
  for (let n = 2; taken.has(id); n += 1) id = `${wish}-${n}`;
  return id;
}

/** Doors an edit is about, so that a door can show its own history. */
function doorsTouched(plan: Plan, edit: Edit): string[] {
  const ofDevice = (id: string) => plan.devices[id]?.door ?? [];
  const touched = (one: Edit): (string | string[])[] => {
    switch (one.kind) {
      case 'batch':
        return one.edits.flatMap(touched);
      case 'addDoor':
        return [one.door.id];
      case 'setDoor':
      case 'removeDoor':
        return [one.id];
      case 'addType':
      case 'removeType':
        return [];
      case 'setCable':
        return [one.id.slice(0, one.id.indexOf('/'))];
      case 'addDevice':
        return one.device.door === null ? [] : [one.device.door];
      case 'setDevice':
      case 'removeDevice':
        return [ofDevice(one.id)];
      case 'setSetting':
      case 'setMemory':
        return [ofDevice(one.device)];
      case 'connect':
        return [one.conductor.door, ofDevice(deviceOf(one.conductor.from))];
      case 'setConductor':
      case 'disconnect':
        return [plan.conductors[one.id]?.door ?? []];
      case 'addReading':
        return [one.reading.door];
      case 'removeReading':
        return [plan.readings[one.id]?.door ?? []];
      case 'addPerson':
        return [...one.person.doors];
      case 'setPerson':
      case 'removePerson':
        return [...(plan.people[one.id]?.doors ?? [])];
      case 'setSite':
        return [];
    }
  };
  return [...new Set(touched(edit).flat())].sort();
}
